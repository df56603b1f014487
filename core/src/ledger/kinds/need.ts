import { MATERIALS } from '../../catalog';
import { good, ownNeed } from '../../piece';
import { changeKind } from './kind';

/** Two figures that count. */
const figure = (it: number): string => String(Number(it.toPrecision(2)));

/** This much is said to be taken of a material; null: as it is reckoned. */
export const need = changeKind(
  'need',
  {
    material: MATERIALS.id,
    colour: ownNeed.shape.colour.unwrap(),
    own: ownNeed.pick({ reckoned: true, said: true }).nullable(),
  },
  {
    about: 'piece',
    group: 'money',
    up: [],
    apply: (before, { material, colour, own }) => {
      const others = before.ownNeeds.filter(
        (old) => old.material !== material || old.colour !== colour,
      );
      return good({
        ...before,
        ownNeeds: own ? [...others, { material, colour, ...own }] : others,
      });
    },
    fields: (it) => [{ name: `need/${it.material}/${it.colour ?? ''}`, value: it.own, change: it }],
    madeFrom: (piece) =>
      piece.ownNeeds.map(({ material, colour, ...own }) => ({
        change: { kind: 'need', material, colour, own },
      })),
    told: (it) => {
      const { label, unit } = MATERIALS.get(it.material);
      return it.own
        ? `${label}: ${figure(it.own.said)} ${unit} instead of the ${figure(it.own.reckoned)} reckoned`
        : `${label}: as reckoned again`;
    },
  },
);
