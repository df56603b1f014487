import { material } from './material';

const OPEN_FIRE = {
  hazards: ['flammable', 'fumes'],
  protection: ['nitrileGloves', 'openWindow'],
} as const;

/** What loosens dirt, wax, glue and colour. */
export const CLEANERS = [
  material({
    id: 'degreaser',
    label: 'Phosphate-free degreaser',
    unit: 'L',
    containers: [{ size: 1, price: 1200 }],
    shelfMonths: 36,
    protection: ['nitrileGloves'],
  }),
  material({
    id: 'mineralSpirits',
    label: 'Mineral spirits',
    unit: 'L',
    containers: [
      { size: 1, price: 900 },
      { size: 5, price: 3200 },
    ],
    shelfMonths: 60,
    dissolves: ['wax'],
    ...OPEN_FIRE,
  }),
  material({
    id: 'alcohol',
    label: 'Denatured alcohol',
    unit: 'L',
    containers: [{ size: 1, price: 1100 }],
    shelfMonths: 60,
    dissolves: ['shellac', 'latex', 'waxedFilm'],
    hazards: ['flammable'],
    protection: ['nitrileGloves', 'noFlame'],
  }),
  material({
    id: 'residueRemover',
    label: 'Oil-based residue remover',
    unit: 'L',
    containers: [{ size: 0.25, price: 900 }],
    shelfMonths: 36,
    hazards: ['selfHeating'],
    protection: ['nitrileGloves', 'ventilation'],
  }),
  material({
    id: 'woodBleach',
    label: 'Two-part wood bleach (lye and peroxide)',
    unit: 'L',
    containers: [{ size: 1, price: 2600 }],
    shelfMonths: 12,
    hazards: ['corrosive'],
    protection: ['goggles', 'longRubberGloves', 'apron', 'ventilation'],
  }),
  material({
    id: 'vinegar',
    label: 'White vinegar',
    unit: 'L',
    containers: [{ size: 1, price: 150 }],
    shelfMonths: 60,
  }),
  material({
    id: 'oxalicAcid',
    label: 'Oxalic acid',
    unit: 'kg',
    containers: [{ size: 0.5, price: 1200 }],
    shelfMonths: 60,
    hazards: ['poison', 'corrosive'],
    protection: ['nitrileGloves', 'goggles'],
  }),
  material({
    id: 'neutraliser',
    label: 'Neutraliser by its label',
    unit: 'kg',
    containers: [{ size: 0.5, price: 400 }],
    shelfMonths: 60,
  }),
  material({
    id: 'metalPolish',
    label: 'Mild metal polish',
    unit: 'L',
    containers: [{ size: 0.25, price: 900 }],
    shelfMonths: 36,
  }),
] as const;
