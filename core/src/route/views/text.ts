import { surfaceNames, surfacesOf, type Piece } from '../../piece';
import { phaseInWords, routeWords, stepInWords } from '../../words';
import type { Operation, Route } from '../order/operation';
import { byPhase } from '../plan';
import { stepsOf } from './steps';

/** What an operation works on: "whole piece", or the names of its surfaces. */
export const whereOf = (piece: Piece, operation: Pick<Operation, 'surfaceIds'>): string => {
  const all = surfacesOf(piece);
  const chosen = all.filter((it) => operation.surfaceIds.includes(it.id));
  return chosen.length === all.length
    ? routeWords.wholePiece
    : chosen.map((it) => it.name).join(', ');
};

const operationText = (
  piece: Piece,
  it: Operation,
  numbers: ReadonlyMap<string, number>,
): readonly string[] => [
  stepInWords(it, numbers.get(it.id) ?? 0),
  `   ${whereOf(piece, it)}`,
  ...(it.heldBy.length > 0
    ? [`   ${routeWords.held(it.heldBy.map((id) => numbers.get(id)).join(', '))}`]
    : []),
  ...(it.gate
    ? [
        `   ? ${it.gate.question}`,
        ...it.gate.answers.map((one) => `     ${one.answer}: ${one.then}`),
      ]
    : []),
  ...it.how.map((one) => `   - ${one}`),
  ...it.reasons.map((one) => `   why: ${one.text} [${one.rule}]`),
  ...(it.protection.length > 0 ? [`   wear: ${it.protection.join(', ')}`] : []),
  ...it.cautions.map((one) => `   ! ${one.text} ${one.lastWord}`),
];

/** A route as plain text, for the terminal and for reading aloud. */
export const routeAsText = (piece: Piece, route: Route): string => {
  const { numbers } = stepsOf(piece, route);
  const nameOf = surfaceNames(piece);
  return [
    `${piece.name}: ${routeWords.summary(route.operations.length, route.minutes)}`,
    ...route.refusals.flatMap((it) => [
      '',
      `NO: ${it.title}. ${it.because} [${it.rule}]`,
      ...it.waysOut.map((way) => `  way out: ${way}`),
    ]),
    ...byPhase(route).flatMap(({ phase, operations }) => [
      '',
      phaseInWords(phase).toUpperCase(),
      ...operations.flatMap((it) => operationText(piece, it, numbers)),
    ]),
    ...(route.unaimedSurfaceIds.length > 0
      ? ['', routeWords.unaimed(route.unaimedSurfaceIds.map(nameOf))]
      : []),
    '',
    routeWords.lastWords,
    '',
  ].join('\n');
};
