import type { DescriptionPart, Piece } from '../piece';
import type { Deed, Setting } from './entry';

/**
 * One thing that an entry sets, so that the last one that sets it stands: which, to what, and the
 * deed that sets this alone. Additions set nothing: both stay.
 */
export interface Field {
  readonly name: string;
  readonly value: unknown;
  readonly deed: Deed;
}

/** Parts of a description that only make sense together. */
const TOGETHER: readonly (readonly [string, readonly (keyof DescriptionPart)[]])[] = [
  ['years', ['yearFrom', 'yearTo']],
];
const ALONE: readonly (keyof DescriptionPart)[] = [
  'name',
  'build',
  'childsRoom',
  'staysInPlace',
  'wetRoom',
  'origin',
  'keep',
  'due',
];
const GROUPS = [...TOGETHER, ...ALONE.map((it) => [it, [it]] as const)];

const described = (part: DescriptionPart): readonly Field[] =>
  GROUPS.flatMap(([name, keys]) => {
    const own = keys.filter((key) => part[key] !== undefined);
    if (own.length === 0) return [];
    const description = Object.fromEntries(own.map((key) => [key, part[key]])) as DescriptionPart;
    return [{ name, value: description, deed: { kind: 'describe', description } as const }];
  });

/** What an entry sets. */
export const fieldsOf = (it: Deed): readonly Field[] => {
  switch (it.kind) {
    case 'describe':
      return described(it.description);
    case 'confirm': {
      const { surfaceId, variable, value } = it.confirmation;
      return [{ name: `confirm/${surfaceId}/${variable}`, value, deed: it }];
    }
    case 'unconfirm':
      return [{ name: `confirm/${it.surfaceId}/${it.variable}`, value: null, deed: it }];
    case 'layers':
      return [{ name: `layers/${it.surfaceId}`, value: it.layers, deed: it }];
    case 'find':
      return [{ name: `find/${it.finding.id}`, value: it.finding, deed: it }];
    case 'unfind':
      return [{ name: `find/${it.findingId}`, value: null, deed: it }];
    case 'fit':
      return [{ name: `fit/${it.hardware.id}`, value: it.hardware, deed: it }];
    case 'unfit':
      return [{ name: `fit/${it.hardwareId}`, value: null, deed: it }];
    case 'aim':
      return it.surfaceIds.map((surfaceId) => {
        const aims = it.aims.filter((one) => one.surfaceId === surfaceId);
        return {
          name: `aim/${surfaceId}`,
          value: aims[0] ?? null,
          deed: { kind: 'aim', surfaceIds: [surfaceId], aims },
        };
      });
    case 'putOff':
      return it.taskKeys.map((taskKey) => {
        const own = it.putOff.filter((one) => one.taskKey === taskKey);
        return {
          name: `putOff/${taskKey}`,
          value: own[0] ?? null,
          deed: { kind: 'putOff', taskKeys: [taskKey], putOff: own },
        };
      });
    case 'account':
      return Object.entries(it.account).map(([part, value]) => ({
        name: `account/${part}`,
        value,
        deed: { kind: 'account', account: { [part]: value } },
      }));
    case 'need':
      return [{ name: `need/${it.material}/${it.colour ?? ''}`, value: it.own, deed: it }];
    case 'recipe':
      return [{ name: `recipe/${it.recipe.id}`, value: it.recipe, deed: it }];
    case 'unrecipe':
      return [{ name: `recipe/${it.recipeId}`, value: null, deed: it }];
    case 'stocked':
      return it.containers.map((one) => ({
        name: `stock/${one.id}`,
        value: one,
        deed: { kind: 'stocked', containers: [one] },
      }));
    case 'priced':
      return it.prices.map((one) => ({
        name: `price/${one.material}`,
        value: one.containers,
        deed: { kind: 'priced', prices: [one] },
      }));
    case 'work':
      return [{ name: 'work', value: it.schools, deed: it }];
    case 'end':
      return [{ name: 'ending', value: it.ending, deed: it }];
    case 'archive':
    case 'restore':
      return [{ name: 'archived', value: it.kind, deed: it }];
    case 'shopSet':
      return Object.entries(it.settings).map(([setting, value]) => ({
        name: `shop/${setting}`,
        value,
        deed: { kind: 'shopSet', settings: { [setting as Setting]: value } },
      }));
    case 'takenIn':
    case 'observe':
    case 'withdraw':
    case 'picture':
    case 'unpicture':
    case 'did':
    case 'log':
    case 'takenBack':
    case 'erased':
      return [];
  }
};

/** The parts of a description in which it differs from the piece: what a form has changed. */
export const changedParts = (before: Piece, now: DescriptionPart): DescriptionPart => {
  const parts = described(now).filter(
    (it) =>
      JSON.stringify(it.value) !==
      JSON.stringify(
        Object.fromEntries(
          Object.keys(it.value as object).map((key) => [key, before[key as keyof Piece]]),
        ),
      ),
  );
  return Object.assign({}, ...parts.map((it) => it.value)) as DescriptionPart;
};
