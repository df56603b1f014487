import { change, entry, recordLine, pieceLedger, pieceSummary } from '@obrik/core/ledger';
import { pieceDescription, pieceFile, piece, shop } from '@obrik/core/piece';
import { alternative, branches, whatIf } from '@obrik/core/case';
import { careSheet, keptSteps, operation, route } from '@obrik/core/route';
import { sandingTask } from '@obrik/core/sanding';
import { task } from '@obrik/core/work';
import { z } from 'zod';
import {
  createDocument,
  type ZodOpenApiOperationObject,
  type ZodOpenApiPathsObject,
} from 'zod-openapi';
import type { Endpoint } from './endpoint';
import { problemDocument } from './problem';

/**
 * Schemas that the description names; others stand where they are used. What a reply always has
 * may be left out of a request, where it has a default: such a schema is described twice, the
 * reply's under its name with "Output".
 */
const NAMED = {
  Piece: piece,
  PieceDescription: pieceDescription,
  PieceLedger: pieceLedger,
  PieceSummary: pieceSummary,
  Entry: entry,
  RecordLine: recordLine,
  Change: change,
  PieceFile: pieceFile,
  Shop: shop,
  Route: route,
  Task: task,
  Operation: operation,
  KeptRoute: keptSteps,
  Alternative: alternative,
  WhatIf: whatIf,
  Branches: branches,
  CareSheet: careSheet,
  SandingTask: sandingTask,
  Problem: problemDocument,
} as const;

type Json = Record<string, unknown>;

/** A body that is a file. */
const BYTES = { type: 'string', format: 'binary' } as const;

const ERROR_WORDS: Readonly<Record<number, string>> = {
  400: 'Malformed request',
  401: 'This device is not paired',
  403: 'Not under this name, or from another page',
  404: 'No such thing',
  409: 'Changed meanwhile: load again and repeat',
  413: 'Body over the limit',
  415: 'Not of a type that can be taken',
  422: 'Not as it should be; see problems',
  429: 'More than one device asks in a minute',
  500: 'Our fault',
  503: 'Busy, or the disk can’t be written: ask again later',
};

const json = (schema: z.ZodType) => ({ 'application/json': { schema } });
const bytes = (type: string) => ({ [type]: { schema: BYTES } });

const requestOf = ({ body, content }: Endpoint): Pick<ZodOpenApiOperationObject, 'requestBody'> => {
  if (body) return { requestBody: { required: true, content: json(body) } };
  return content.body ? { requestBody: { required: true, content: bytes(content.body) } } : {};
};

const operationOf = (it: Endpoint): ZodOpenApiOperationObject => {
  const parameters = [...it.path.matchAll(/\{(\w+)\}/g)].map(([, name = '']) => ({
    name,
    in: 'path' as const,
    required: true,
    schema: { type: 'string' as const },
  }));
  const errors = [
    ...(it.body ? [400, 413, 422] : []),
    ...(it.query ? [422] : []),
    ...it.errors,
    500,
  ];
  const problem = { 'application/problem+json': { schema: problemDocument } };
  return {
    summary: it.summary,
    operationId: `${it.method}${it.path.replace(/[^a-zA-Z]+(\w)/g, (_, letter: string) => letter.toUpperCase()).replace(/\W/g, '')}`,
    ...(parameters.length > 0 ? { parameters } : {}),
    ...(it.query ? { requestParams: { query: it.query } } : {}),
    ...requestOf(it),
    responses: {
      [`${it.status}`]: {
        description: 'Done',
        content: it.content.reply ? bytes(it.content.reply) : json(it.reply),
      },
      ...Object.fromEntries(
        errors.map((status) => [
          `${status}`,
          { description: ERROR_WORDS[status] ?? 'Error', content: problem },
        ]),
      ),
    },
  };
};

/** The description of the API by OpenAPI 3.1, made of its endpoints and schemas. */
export const openApi = (endpoints: readonly Endpoint[]): Json => {
  const paths: ZodOpenApiPathsObject = {};
  for (const it of endpoints) {
    const path = `/api${it.path}`;
    paths[path] = { ...paths[path], [it.method]: operationOf(it) };
  }
  return {
    ...createDocument(
      {
        openapi: '3.1.0',
        info: {
          title: 'Obrik',
          version: '0.1.0',
          description:
            'Bench companion for refinishing furniture. Lengths in mm, areas in mm², times in minutes, dates in UTC.',
          license: { name: 'MIT', identifier: 'MIT' },
        },
        paths,
        components: { schemas: NAMED },
      },
      { allowEmptySchema: { any: true, unknown: true } },
    ),
  };
};

/** The format of a piece file as a JSON Schema on its own. */
export const pieceFileSchema = (): Json => ({
  ...z.toJSONSchema(pieceFile, { io: 'input', unrepresentable: 'any' }),
});
