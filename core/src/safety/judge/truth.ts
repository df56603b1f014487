import type { Observation, Piece } from '../../piece';

// What a certified inspector would hold of a surface, from its record alone (40 CFR 745.63 and 65, 24 CFR
// 35.110, HUD's guidelines chapter 7; from memory).

const isLeadTest = ({ testId }: Observation): boolean => testId.startsWith('lead-');
const isToTheWood = ({ testId }: Observation): boolean =>
  testId === 'lead-laboratory-all' || testId === 'lead-xrf';
const isLaboratory = (it: Observation): boolean =>
  isToTheWood(it) || it.testId === 'lead-laboratory';
const isPositive = (it: Observation): boolean =>
  isLeadTest(it) && (it.outcome === 'found' || (it.value ?? 0) > 90);
const timeOf = ({ at }: { readonly at: string }): number => Date.parse(at);

const coloursOn = (piece: Piece, id: string): string =>
  piece.layers
    .filter((it) => it.surfaceId === id)
    .map((it) => `${it.layer} ${it.colour}`)
    .sort()
    .join();

/** Nothing recorded says that two parts were painted differently. */
const mayShareHistory = (piece: Piece, a: string, b: string): boolean => {
  const [one, other] = [coloursOn(piece, a), coloursOn(piece, b)];
  return one === '' || other === '' || one === other;
};

/** The surfaces that this one is made up of since some were merged into it. */
const partsOf = (piece: Piece, id: string): readonly string[] => {
  const parts = [id];
  for (const part of parts) {
    parts.push(
      ...piece.build.merges
        .filter(({ from, into }) => into === part && !parts.includes(from))
        .map(({ from }) => from),
    );
  }
  return parts;
};

/** What was made on a part, or was said to speak for it by somebody who saw one history. */
const madeFor = (piece: Piece, id: string, part: string): readonly Observation[] =>
  piece.observations.filter(
    (it) =>
      (it.surfaceId === id && (it.madeOn ?? id) === part) ||
      (it.alsoFor?.includes(part) &&
        (isPositive(it) || mayShareHistory(piece, it.surfaceId, part))),
  );

/**
 * A swab can be explained by a laboratory that looked at the same layer later: of the same place, or of
 * the one for which it was only said to speak.
 */
const stands = (piece: Piece, it: Observation, id: string): boolean =>
  isLaboratory(it) ||
  !piece.observations.some(
    (one) =>
      one.testId === 'lead-laboratory' &&
      one.layer === it.layer &&
      [one.surfaceId, ...(one.alsoFor ?? [])].some((where) => [it.surfaceId, id].includes(where)) &&
      !isPositive(one) &&
      timeOf(one) >= timeOf(it),
  );

/** Lead was found there, and nothing explains it. */
export const holdsLead = (piece: Piece, id: string): boolean =>
  partsOf(piece, id).some((part) =>
    madeFor(piece, id, part).some((it) => isPositive(it) && stands(piece, it, id)),
  );

export const isForChild = (piece: Piece): boolean =>
  piece.childsRoom || piece.build.bodies.some((it) => it.kind === 'crib');

const hasOlderCoat = (piece: Piece): number =>
  Math.max(
    -Infinity,
    ...piece.log.flatMap((it) =>
      it.of === 'discovery' && it.kind === 'suspectLayer' ? [timeOf(it)] : [],
    ),
  );

/** Every layer of every part of it has an answer of "none" that speaks for it. */
const isClosed = (piece: Piece, id: string): boolean =>
  partsOf(piece, id).every((part) => isPartClosed(piece, id, part));

const isPartClosed = (piece: Piece, id: string, part: string): boolean => {
  // What was found on one part of a group takes the word of every sample that was to speak for all of it.
  const anyPositive = piece.observations.some(
    (it) =>
      isPositive(it) && stands(piece, it, it.surfaceId) && mayShareHistory(piece, it.surfaceId, id),
  );
  const since = hasOlderCoat(piece);
  const own = madeFor(piece, id, part).filter(
    (it) => timeOf(it) > since && (!anyPositive || it.surfaceId === id),
  );
  if (own.some((it) => isToTheWood(it) && !isPositive(it))) return true;
  const counts = own.flatMap((it) => (it.testId === 'layer-count' ? [it.value ?? 0] : []));
  const [count] = counts;
  const seen = Math.max(
    piece.layers.filter((it) => it.surfaceId === id).length,
    ...piece.observations.flatMap((it) =>
      it.surfaceId === id && it.testId === 'colours-seen' ? [it.value ?? 0] : [],
    ),
    ...own.flatMap((it) => (isLeadTest(it) && it.layer !== null ? [it.layer] : [])),
  );
  if (count === undefined || count === 0 || count < seen) return false;
  if (counts.some((it) => it !== count)) return false;
  return Array.from({ length: count }, (_, index) => index + 1).every((layer) =>
    own.some(
      (it) =>
        isLeadTest(it) &&
        it.layer === layer &&
        !isPositive(it) &&
        (!isForChild(piece) || isLaboratory(it)),
    ),
  );
};

/** Layers were recorded, or somebody saw paint through which no wood shows, and vouched for nothing else. */
const isPainted = (piece: Piece, id: string): boolean =>
  piece.layers.some((it) => it.surfaceId === id) ||
  (piece.observations.some(
    (it) => it.surfaceId === id && it.testId === 'see-through' && it.outcome === 'opaque',
  ) &&
    !piece.confirmations.some((it) => it.surfaceId === id && it.variable === 'finish'));
const isOld = ({ yearFrom, yearTo }: Piece): boolean =>
  (yearFrom ?? -Infinity) < 1978 || (yearFrom === null && yearTo === null);

/** Old paint of which some layer has no answer. */
export const isSuspect = (piece: Piece, id: string): boolean =>
  isPainted(piece, id) && isOld(piece) && !holdsLead(piece, id) && !isClosed(piece, id);

/** The old part is taken off and a fresh one put in its place. */
export const isCutNew = (piece: Piece, id: string, part: string): boolean =>
  piece.aims.some((it) => it.surfaceId === id && it.newPart !== undefined) ||
  (part === 'back' &&
    piece.findings.some((it) => it.surfaceId === id && it.damage === 'splitBack'));
