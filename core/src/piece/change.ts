import { z } from 'zod';
import { MATERIALS, inspectionTest, variable } from '../catalog';
import { accountPart, ownNeed, recipe } from './account';
import { doneWork } from './done';
import { ending } from './ending';
import {
  canSpeakForMore,
  confirmation,
  finding,
  id,
  observation,
  paintLayer,
  picture,
  type Observation,
} from './evidence';
import { hardware } from './hardware';
import { logLine } from './log';
import { putOff } from './putOff';
import { standsFor, type Build } from './build';
import {
  MOST,
  descriptionPart,
  piece,
  strayEntries,
  surfaceNames,
  surfacesOf,
  type DescriptionPart,
  type Piece,
} from './piece';
import { bad, good, read, type Problem, type Result } from './problem';
import { aim } from './scheme';
import { ownSchools } from './shop';

/**
 * Every way in which a piece changes. App and server apply the same changes with the same
 * function, so that the screen can show the result before the server has answered.
 */
export const change = z.discriminatedUnion('kind', [
  /** These parts of the description become this; the others stay. */
  z.object({ kind: z.literal('describe'), description: descriptionPart }),
  z.object({ kind: z.literal('observe'), observation }),
  z.object({ kind: z.literal('withdraw'), observationId: id }),
  z.object({ kind: z.literal('confirm'), confirmation }),
  z.object({ kind: z.literal('unconfirm'), surfaceId: id, variable }),
  /** A damage is put on record, or changed where it is on it. */
  z.object({ kind: z.literal('find'), finding }),
  z.object({ kind: z.literal('unfind'), findingId: id }),
  z.object({ kind: z.literal('picture'), picture }),
  z.object({ kind: z.literal('unpicture'), pictureId: id }),
  /** The layers seen on a surface become these, top down. */
  z.object({ kind: z.literal('layers'), surfaceId: id, layers: z.array(paintLayer).max(30) }),
  /** Fittings are put on the list, or changed where they are on it. */
  z.object({ kind: z.literal('fit'), hardware }),
  z.object({ kind: z.literal('unfit'), hardwareId: id }),
  /** The aims of these surfaces become these; a surface without one has none afterwards. */
  z.object({
    kind: z.literal('aim'),
    surfaceIds: z.array(id).min(1).max(200),
    aims: z.array(aim).max(200),
  }),
  /** These parts of the money of the piece become this. */
  z.object({ kind: z.literal('account'), account: accountPart }),
  /** This much is said to be taken of a material; null: as it is reckoned. */
  z.object({
    kind: z.literal('need'),
    material: MATERIALS.id,
    colour: ownNeed.shape.colour.unwrap(),
    own: ownNeed.pick({ reckoned: true, said: true }).nullable(),
  }),
  /** A mix is kept with the piece, or becomes another. */
  z.object({ kind: z.literal('recipe'), recipe }),
  z.object({ kind: z.literal('unrecipe'), recipeId: id }),
  /** This work was done, or was begun; what was begun is ended by its own id. */
  z.object({ kind: z.literal('did'), done: z.array(doneWork).min(1).max(200) }),
  /** This was written down at the bench; a line that is there already becomes what it says now. */
  z.object({ kind: z.literal('log'), lines: z.array(logLine).min(1).max(200) }),
  /** These tasks are not to begin before a time; those that are named and not in the list are free again. */
  z.object({
    kind: z.literal('putOff'),
    taskKeys: z.array(z.string().min(1).max(400)).min(1).max(200),
    putOff: z.array(putOff).max(200),
  }),
  /** How the piece is worked where it departs from the shop becomes this. */
  z.object({ kind: z.literal('work'), schools: ownSchools }),
  /** The work is over and this became of it; null: it is worked on again. */
  z.object({ kind: z.literal('end'), ending: ending.nullable() }),
  z.object({ kind: z.literal('archive') }),
  z.object({ kind: z.literal('restore') }),
]);
export type Change = z.infer<typeof change>;

const without = <T extends { id: string }>(list: readonly T[], gone: string): T[] =>
  list.filter((it) => it.id !== gone);

const has = (list: readonly { id: string }[], wanted: string): boolean =>
  list.some((it) => it.id === wanted);

/** The surface that a change is about, by the one that stands for it where it was merged. */
const redirected = (it: Change, build: Build): Change => {
  if (build.merges.length === 0) return it;
  const to = <T extends { surfaceId: string }>(one: T): T => ({
    ...one,
    surfaceId: standsFor(build, one.surfaceId),
  });
  switch (it.kind) {
    case 'observe':
      return { ...it, observation: to(it.observation) };
    case 'confirm':
      return { ...it, confirmation: to(it.confirmation) };
    case 'unconfirm':
      return to(it);
    case 'find':
      return { ...it, finding: to(it.finding) };
    case 'picture':
      return { ...it, picture: to(it.picture) };
    case 'layers':
      return { ...to(it), layers: it.layers.map(to) };
    case 'aim': {
      const surfaceIds = [...new Set(it.surfaceIds.map((one) => standsFor(build, one)))];
      const aims = new Map(it.aims.map(to).map((one) => [one.surfaceId, one]));
      return { ...it, surfaceIds, aims: [...aims.values()] };
    }
    default:
      return it;
  }
};

/** An observation on the surface that stands for its own now; it tells which one it was made on. */
const movedTo = (before: Observation, moved: Observation): Observation =>
  moved.surfaceId === before.surfaceId
    ? moved
    : { ...moved, madeOn: before.madeOn ?? before.surfaceId };

/**
 * The piece after it was described anew. What is recorded of a surface that was merged is said of
 * the one that stands for it; an aim for a surface that is gone goes with it.
 */
const described = (before: Piece, part: DescriptionPart): Piece => {
  const after = { ...before, ...part };
  if (part.build === undefined) return after;
  const { build } = part;
  const ids = new Set(surfacesOf(after).map((one) => one.id));
  const to = <T extends { surfaceId: string }>(one: T): T =>
    ids.has(one.surfaceId) ? one : { ...one, surfaceId: standsFor(build, one.surfaceId) };
  const own = new Set(before.layers.map((one) => one.surfaceId).filter((one) => ids.has(one)));
  const confirmed = new Map(
    before.confirmations.map(to).map((one) => [`${one.surfaceId}/${one.variable}`, one]),
  );
  for (const one of before.confirmations) {
    if (ids.has(one.surfaceId)) confirmed.set(`${one.surfaceId}/${one.variable}`, one);
  }
  return {
    ...after,
    observations: before.observations.map((one) => movedTo(one, to(one))),
    findings: before.findings.map(to),
    pictures: before.pictures.map(to),
    confirmations: [...confirmed.values()],
    layers: before.layers.flatMap((one) => {
      const moved = to(one);
      return moved !== one && own.has(moved.surfaceId) ? [] : [moved];
    }),
    aims: before.aims.filter((one) => ids.has(one.surfaceId)),
  };
};

const LISTS = ['observations', 'confirmations', 'findings', 'layers', 'pictures'] as const;

/** What forbids a build: something is recorded of a surface that it does not have. */
const lost = (before: Piece, after: Piece): Result<Piece> => {
  const ids = new Set(surfacesOf(after).map((one) => one.id));
  const gone = new Set(
    LISTS.flatMap((list) => after[list].map((one) => one.surfaceId)).filter((one) => !ids.has(one)),
  );
  const nameOf = surfaceNames(before);
  return gone.size === 0
    ? good(after)
    : bad(
        'description.build',
        `Something is recorded of ${[...gone].map((one) => nameOf(one)).join(', ')}. Merge it into another surface, or remove what is recorded first.`,
      );
};

/** Without an observation; of a sample of paint it is kept that it was there. */
const withTakenBack = (before: Piece, observationId: string): Piece => {
  const old = before.observations.find((it) => it.id === observationId);
  const test = old && inspectionTest(old.testId);
  const wasSample = old !== undefined && test !== undefined && canSpeakForMore(test);
  return {
    ...before,
    observations: without(before.observations, observationId),
    takenBack: wasSample
      ? [
          ...before.takenBack,
          {
            surfaceId: old.surfaceId,
            at: old.at,
            ...(old.alsoFor ? { alsoFor: old.alsoFor } : {}),
          },
        ].slice(-MOST.takenBack)
      : before.takenBack,
  };
};

const step = (before: Piece, it: Change): Result<Piece> => {
  switch (it.kind) {
    case 'describe':
      return lost(before, described(before, it.description));
    case 'observe':
      if (has(before.observations, it.observation.id)) {
        return bad('observation.id', 'This observation is recorded already.');
      }
      return good({ ...before, observations: [...before.observations, it.observation] });
    case 'withdraw':
      if (!has(before.observations, it.observationId)) {
        return bad('observationId', 'No such observation: it may have been taken back already.');
      }
      return good(withTakenBack(before, it.observationId));
    case 'confirm':
    case 'unconfirm': {
      const about = it.kind === 'confirm' ? it.confirmation : it;
      const others = before.confirmations.filter(
        (old) => old.surfaceId !== about.surfaceId || old.variable !== about.variable,
      );
      return good({
        ...before,
        confirmations: it.kind === 'confirm' ? [...others, it.confirmation] : others,
      });
    }
    case 'find':
      return good({
        ...before,
        findings: has(before.findings, it.finding.id)
          ? before.findings.map((old) => (old.id === it.finding.id ? it.finding : old))
          : [...before.findings, it.finding],
      });
    case 'unfind':
      if (!has(before.findings, it.findingId)) {
        return bad('findingId', 'No such finding: it may have been taken back already.');
      }
      return good({ ...before, findings: without(before.findings, it.findingId) });
    case 'picture':
      if (has(before.pictures, it.picture.id)) {
        return bad('picture.id', 'This picture is recorded already.');
      }
      return good({ ...before, pictures: [...before.pictures, it.picture] });
    case 'unpicture':
      if (!has(before.pictures, it.pictureId)) {
        return bad('pictureId', 'No such picture: it may have been taken back already.');
      }
      return good({ ...before, pictures: without(before.pictures, it.pictureId) });
    case 'layers': {
      if (it.layers.some((one) => one.surfaceId !== it.surfaceId)) {
        return bad('layers', 'A layer of another surface.');
      }
      if (it.layers.some((one, index) => one.layer !== index + 1)) {
        return bad('layers', 'Count the layers from the top down: 1, 2, 3 …');
      }
      const others = before.layers.filter((old) => old.surfaceId !== it.surfaceId);
      return good({ ...before, layers: [...others, ...it.layers] });
    }
    case 'fit':
      return good({
        ...before,
        hardware: has(before.hardware, it.hardware.id)
          ? before.hardware.map((old) => (old.id === it.hardware.id ? it.hardware : old))
          : [...before.hardware, it.hardware],
      });
    case 'unfit':
      if (!has(before.hardware, it.hardwareId)) {
        return bad(
          'hardwareId',
          'No such fittings: they may have been taken off the list already.',
        );
      }
      return good({ ...before, hardware: without(before.hardware, it.hardwareId) });
    case 'aim': {
      const others = before.aims.filter((old) => !it.surfaceIds.includes(old.surfaceId));
      const stray = it.aims.find((one) => !it.surfaceIds.includes(one.surfaceId));
      if (stray) return bad('aims', `An aim for "${stray.surfaceId}", which is not in surfaceIds.`);
      if (new Set(it.aims.map((one) => one.surfaceId)).size < it.aims.length) {
        return bad('aims', 'Two aims for one surface: keep one.');
      }
      return good({ ...before, aims: [...others, ...it.aims] });
    }
    case 'did': {
      const ended = before.done.find((old) => old.endedAt !== null && has(it.done, old.id));
      if (ended) return bad('done.id', `“${ended.title || ended.taskKey}” is on record already.`);
      const others = before.done.filter((old) => !has(it.done, old.id));
      return good({ ...before, done: [...others, ...it.done] });
    }
    case 'log': {
      const told = new Map(it.lines.map((one) => [one.id, one]));
      const kept = before.log.map((old) => told.get(old.id) ?? old);
      const fresh = [...told.values()].filter((one) => !has(before.log, one.id));
      return good({ ...before, log: [...kept, ...fresh] });
    }
    case 'account':
      return good({ ...before, account: { ...before.account, ...it.account } });
    case 'need': {
      const { material, colour, own } = it;
      const others = before.ownNeeds.filter(
        (old) => old.material !== material || old.colour !== colour,
      );
      return good({
        ...before,
        ownNeeds: own ? [...others, { material, colour, ...own }] : others,
      });
    }
    case 'recipe':
      return good({
        ...before,
        recipes: has(before.recipes, it.recipe.id)
          ? before.recipes.map((old) => (old.id === it.recipe.id ? it.recipe : old))
          : [...before.recipes, it.recipe],
      });
    case 'unrecipe':
      if (!has(before.recipes, it.recipeId)) {
        return bad('recipeId', 'No such mix: it may have been removed already.');
      }
      return good({ ...before, recipes: without(before.recipes, it.recipeId) });
    case 'putOff': {
      const stray = it.putOff.find((one) => !it.taskKeys.includes(one.taskKey));
      if (stray) return bad('putOff', `"${stray.taskKey}" is not among the taskKeys.`);
      const others = before.putOff.filter((old) => !it.taskKeys.includes(old.taskKey));
      return good({ ...before, putOff: [...others, ...it.putOff] });
    }
    case 'work':
      return good({ ...before, schools: it.schools });
    case 'end':
      return good({ ...before, ending: it.ending });
    case 'archive':
      return good({ ...before, archived: true });
    case 'restore':
      return good({ ...before, archived: false });
  }
};

const tooMany = (it: Piece): readonly Problem[] =>
  Object.entries(MOST)
    .filter(([list, most]) => it[list as keyof typeof MOST].length > most)
    .map(([list, most]) => ({ path: list, message: `A piece holds ${most} at most.` }));

/**
 * The piece after a change that its schema has read. The piece given is left as it is. Only what
 * the change can break is looked at, so that a ledger of thousands of entries folds quickly.
 * @returns the changed piece, or what forbids the change
 */
export const applyChange = (before: Piece, it: Change): Result<Piece> => {
  const after = step(before, redirected(it, before.build));
  if (!after.ok) return after;
  if (it.kind === 'describe') return read(piece, after.value);
  const problems = [...strayEntries(after.value), ...tooMany(after.value)];
  return problems.length > 0 ? { ok: false, problems } : after;
};
