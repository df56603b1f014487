import type { Unit } from '../catalog';
import { showMoney, showVolume, type UnitSystem } from '../units';
import { counted } from './language';

const M_PER_FT = 0.3048;
const M2_PER_FT2 = M_PER_FT ** 2;
const KG_PER_LB = 0.45359237;
const OZ_PER_LB = 16;

/** A figure with no more digits than it deserves: 12.7, 3.4, 0.41, 0.06. */
const brief = (it: number): string =>
  String(it >= 10 ? Math.round(it * 10) / 10 : Number(it.toPrecision(2)));

const mass = (kg: number, system: UnitSystem): string => {
  if (system === 'us') {
    const pounds = kg / KG_PER_LB;
    return pounds >= 1 ? `${brief(pounds)} lb` : `${brief(pounds * OZ_PER_LB)} oz`;
  }
  return kg < 0.1 ? `${brief(kg * 1000)} g` : `${brief(kg)} kg`;
};

/** How much of a material, in words: "0.62 L", "40 g", "3 sheets", "12 m". @param quantity in its unit */
export const quantityInWords = (quantity: number, unit: Unit, system: UnitSystem): string => {
  switch (unit) {
    case 'L':
      return quantity === 0 ? '0 L' : showVolume(quantity, system);
    case 'kg':
      return quantity === 0 ? '0 kg' : mass(quantity, system);
    case 'm':
      return system === 'us' ? `${brief(quantity / M_PER_FT)} ft` : `${brief(quantity)} m`;
    case 'm2':
      return system === 'us' ? `${brief(quantity / M2_PER_FT2)} ft²` : `${brief(quantity)} m²`;
    case 'sheet':
      return counted(Number(brief(quantity)), 'sheet');
    case 'piece':
      return counted(Number(brief(quantity)), 'piece');
  }
};

/** As much as one can buy or lay ready: sheets and pieces are whole. */
export const wholeInWords = (quantity: number, unit: Unit, system: UnitSystem): string =>
  unit === 'sheet' || unit === 'piece'
    ? counted(Math.ceil(quantity - 1e-9), unit)
    : quantityInWords(quantity, unit, system);

/** A size as it stands on a can: "1 L", "250 ml", "2.5 L", "50 m". */
export const sizeInWords = (size: number, unit: Unit, system: UnitSystem): string => {
  if (system === 'us' || (unit !== 'L' && unit !== 'kg'))
    return quantityInWords(size, unit, system);
  const [whole, part] = unit === 'L' ? ['L', 'ml'] : ['kg', 'g'];
  return size < 1
    ? `${Number((size * 1000).toPrecision(3))} ${part}`
    : `${Number(size.toPrecision(3))} ${whole}`;
};

/** "2 × 1 L and 1 × 250 ml". */
export const containersInWords = (
  bought: readonly { readonly size: number; readonly count: number }[],
  unit: Unit,
  system: UnitSystem,
): string =>
  bought.map((it) => `${it.count} × ${sizeInWords(it.size, unit, system)}`).join(' and ');

interface Film {
  readonly m2: number;
  readonly m2PerLitre: number;
  readonly transfer: number;
}

/** How a step's need comes about: "1.18 m² ÷ (10 m²/L × 95 %) + 40 ml in tray and brush". */
export const needInWords = (
  from: { readonly quantity: number; readonly lost: number; readonly film: Film | null },
  unit: Unit,
  system: UnitSystem,
): string => {
  const { film, quantity, lost } = from;
  const area = (m2: number) => quantityInWords(m2, 'm2', system);
  const sum = film
    ? system === 'metric'
      ? `${area(film.m2)} ÷ (${brief(film.m2PerLitre)} m²/L × ${Math.round(film.transfer * 100)} %)`
      : `${area(film.m2)} at ${Math.round((film.m2PerLitre * 3.785411784) / M2_PER_FT2)} ft²/gal, ${Math.round(film.transfer * 100)} % on the piece`
    : quantityInWords(quantity, unit, system);
  return lost > 0 ? `${sum} + ${quantityInWords(lost, unit, system)} in tray, brush or gun` : sum;
};

export const SUPPLY_WORDS = {
  placeholder: 'placeholder price',
  placeholders: 'Some prices are placeholders. Set yours under Prices.',
  states: {
    fresh: '',
    soon: 'use it soon',
    expired: 'past its date',
    empty: 'empty',
  },
  low: 'low',
  overdrawn: 'More was used from it than it held: look how much is left.',
  listTitle: 'Shopping list',
  listFoot: 'Quantities by areas, coats and what stays in the tray; old stock is used first.',
  total: (minor: number, currency: string | null) => `Together about ${showMoney(minor, currency)}`,
  touchUp: 'for touching up',
  sheetOf: (name: string, width: number, length: number) => `${name}, ${width} × ${length} mm`,
  joined: (names: string) => `Larger than any sheet, so it is joined from two: ${names}.`,
  waste: (share: number) => `${Math.round(share * 100)} % of the sheets is left over.`,
} as const;
