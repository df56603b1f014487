import { inspectPiece, surfaceBeliefs } from '@obrik/core/inspect';
import { piece, shop } from '@obrik/core/piece';
import { caseOf } from '@obrik/core/case';
import { route } from '@obrik/core/route';
import { ladderOrRefusal, planLadder, sandingTask } from '@obrik/core/sanding';
import { z } from 'zod';
import { minuteOf } from '../http/minute';
import { endpoint, type Endpoint } from '../http/endpoint';

const pieceInShop = z.object({ piece, shop: shop.prefault({}) });

/** The engines over HTTP: nothing is read or stored. */
export const computeEndpoints = (now: () => Date): readonly Endpoint[] => [
  endpoint({
    method: 'post',
    path: '/inspect',
    summary: 'What is believed of each surface of a piece',
    body: pieceInShop,
    reply: z.array(surfaceBeliefs),
    handle: ({ body }) => [...inspectPiece(body.piece, body.shop)],
  }),
  endpoint({
    method: 'post',
    path: '/route',
    summary: 'The route of a piece, from lead gate to handover',
    body: pieceInShop,
    reply: route,
    handle: ({ body }) => caseOf({ ...body, now: minuteOf(now()) }).route,
  }),
  endpoint({
    method: 'post',
    path: '/sanding-ladder',
    summary: 'The sequence of papers that takes the least time, or why there is none',
    body: sandingTask,
    reply: ladderOrRefusal,
    handle: ({ body }) => planLadder(body),
  }),
];
