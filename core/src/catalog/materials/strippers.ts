import { material } from './material';

/** What takes an old finish off. */
export const STRIPPERS = [
  material({
    id: 'gelStripper',
    label: 'Gel stripper',
    unit: 'L',
    containers: [
      { size: 1, price: 1800 },
      { size: 2.5, price: 3900 },
    ],
    shelfMonths: 24,
    dissolves: ['shellac', 'lacquer', 'varnish', 'waterClear', 'waxedFilm', 'latex', 'alkyd'],
    hazards: ['flammable', 'fumes', 'sludge'],
    protection: ['solventGloves', 'goggles', 'vapourCartridges', 'openWindow'],
  }),
  material({
    id: 'mildStripper',
    label: 'Mild stripper',
    unit: 'L',
    containers: [{ size: 1, price: 2200 }],
    shelfMonths: 24,
    dissolves: ['shellac', 'lacquer', 'varnish', 'waterClear', 'waxedFilm', 'latex', 'alkyd'],
    hazards: ['sludge'],
    protection: ['solventGloves', 'goggles', 'ventilation'],
  }),
  material({
    id: 'lyeFoam',
    label: 'Lye-based foam cleaner',
    unit: 'L',
    containers: [{ size: 0.5, price: 600 }],
    shelfMonths: 24,
    dissolves: ['shellac', 'lacquer', 'varnish', 'oil'],
    hazards: ['corrosive', 'sludge'],
    protection: ['goggles', 'longRubberGloves', 'apron'],
  }),
] as const;
