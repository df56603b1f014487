import { equipment, material } from './material';

const pieces = <const Id extends string>(id: Id, label: string, size: number, price: number) =>
  material({ id, label, unit: 'piece', containers: [{ size, price }] });

/** Cloths, tape, film, bags: what is used up by the way. */
export const SUNDRIES = [
  pieces('cloths', 'Cloths', 10, 600),
  pieces('disposableCloths', 'Disposable cloths', 50, 900),
  pieces('lintFreeCloths', 'Lint-free cloths', 20, 900),
  pieces('tackCloth', 'Tack cloth', 3, 600),
  pieces('rags', 'Rags', 20, 500),
  pieces('whiteRags', 'White rags', 20, 600),
  pieces('wetWipes', 'Wet wipes', 80, 300),
  pieces('wasteBags', 'Waste bags', 10, 500),
  pieces('labelledBags', 'Labelled bags', 50, 400),
  pieces('sponge', 'Sponge', 3, 300),
  pieces('leadTestKit', 'Lead test kit', 4, 1800),
  pieces('phStrips', 'pH strips', 100, 600),
  pieces('clearBumpers', 'Clear bumpers', 50, 500),
  pieces('wallAnchors', 'Wall anchors', 2, 800),
  pieces('blade', 'A blade', 10, 500),
  pieces('rollerSleeves', 'Roller sleeves', 5, 900),
  material({
    id: 'maskingTape',
    label: 'Masking tape',
    unit: 'm',
    containers: [{ size: 50, price: 400 }],
    shelfMonths: 24,
  }),
  material({
    id: 'lowTackTape',
    label: 'Low-tack masking tape',
    unit: 'm',
    containers: [{ size: 50, price: 700 }],
    shelfMonths: 24,
  }),
  material({
    id: 'tape',
    label: 'Tape',
    unit: 'm',
    containers: [{ size: 50, price: 400 }],
  }),
  material({
    id: 'maskingFilm',
    label: 'Masking film',
    unit: 'm2',
    containers: [{ size: 20, price: 500 }],
  }),
  material({
    id: 'coveringFilm',
    label: 'Covering film',
    unit: 'm2',
    containers: [{ size: 20, price: 500 }],
  }),
  material({
    id: 'plasticSheet',
    label: 'Plastic sheet',
    unit: 'm2',
    containers: [{ size: 20, price: 1200 }],
  }),
  material({
    id: 'metalSpray',
    label: 'Metal spray paint',
    unit: 'L',
    containers: [{ size: 0.4, price: 1200 }],
    shelfMonths: 36,
    hazards: ['sprayMist'],
    protection: ['vapourCartridges', 'nitrileGloves', 'outdoors'],
  }),
] as const;

/** What every bench has, and only has to lie ready. */
export const EQUIPMENT = [
  equipment('hepaVacuum', 'HEPA vacuum'),
  equipment('plasticScraper', 'Plastic scraper'),
  equipment('cardScraper', 'Card scraper'),
  equipment('scraper', 'Scraper'),
  equipment('chisel', 'Chisel'),
  equipment('sprayBottle', 'Spray bottle'),
  equipment('nylonBrush', 'Nylon brush'),
  equipment('heatGun', 'Heat gun'),
  equipment('pencil', 'Pencil'),
  equipment('wedges', 'Wedges'),
  equipment('clamps', 'Clamps'),
  equipment('clampsOrStrap', 'Clamps or strap'),
  equipment('caulAndClamps', 'Caul and clamps'),
  equipment('syringe', 'Syringe'),
  equipment('cleanCloth', 'Clean cloth, water'),
  equipment('roller', 'Roller'),
  equipment('drillingJig', 'Drilling jig'),
  equipment('drillBits', 'Drill bits'),
] as const;
