import { published, PRACTICE, type SourceMark } from './source';
import { table } from './table';

interface WoodRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  /** Side hardness (Janka) of a typical species of the group, lbf. */
  readonly jankaLbf: number;
  readonly jankaOf: string;
  readonly hardnessSource: SourceMark;
  /** Conifer: it comes solid as softwood, and as no hardwood. */
  readonly softwood: boolean;
  /** Oil in it keeps films from drying and holding. */
  readonly oily: boolean;
  /** Dark by itself: paint has more to cover. */
  readonly dark: boolean;
  /** Pores that show through a film until they are filled. */
  readonly openPored: boolean;
  /** Its dust makes skin and lungs allergic (Wood Handbook; common practice). */
  readonly sensitises: boolean;
  /** Takes stain unevenly, and wants a conditioner first. */
  readonly blotches: boolean;
  /** Chance of each kind of bleed through a fresh water-based coat; the rest does not bleed. */
  readonly bleeds: { readonly tannin: number; readonly resin: number; readonly dye: number };
  readonly bleedSource: SourceMark;
}
const row = <const Id extends string>(
  it: Omit<
    WoodRow<Id>,
    | 'hardnessSource'
    | 'bleedSource'
    | 'softwood'
    | 'blotches'
    | 'openPored'
    | 'oily'
    | 'dark'
    | 'sensitises'
  > &
    Partial<WoodRow<Id>>,
) => ({
  softwood: false,
  sensitises: false,
  blotches: false,
  openPored: false,
  oily: false,
  dark: false,
  ...it,
  hardnessSource: published('USDA Forest Products Laboratory, Wood Handbook, ch. 5'),
  bleedSource: PRACTICE,
});

/** Groups of wood that behave alike under the hand and under paint. */
export const WOODS = table([
  row({
    id: 'pale',
    label: 'pale, closed-pored (maple, birch, beech)',
    jankaLbf: 1300,
    jankaOf: 'beech',
    blotches: true,
    bleeds: { tannin: 0.08, resin: 0, dye: 0.02 },
  }),
  row({
    id: 'ringPorous',
    label: 'open-pored (oak, ash, chestnut, elm)',
    jankaLbf: 1290,
    jankaOf: 'northern red oak',
    openPored: true,
    bleeds: { tannin: 0.65, resin: 0, dye: 0.05 },
  }),
  row({
    id: 'redTropical',
    sensitises: true,
    label: 'red tropical or dyed to look like it',
    jankaLbf: 800,
    jankaOf: 'mahogany',
    openPored: true,
    dark: true,
    bleeds: { tannin: 0.5, resin: 0, dye: 0.4 },
  }),
  row({
    id: 'walnut',
    sensitises: true,
    label: 'walnut',
    jankaLbf: 1010,
    jankaOf: 'black walnut',
    openPored: true,
    dark: true,
    bleeds: { tannin: 0.7, resin: 0, dye: 0.05 },
  }),
  row({
    id: 'cherry',
    label: 'cherry',
    jankaLbf: 950,
    jankaOf: 'black cherry',
    blotches: true,
    dark: true,
    bleeds: { tannin: 0.65, resin: 0, dye: 0.03 },
  }),
  row({
    id: 'knotty',
    label: 'resinous softwood (pine, spruce, fir)',
    jankaLbf: 460,
    jankaOf: 'ponderosa pine',
    softwood: true,
    blotches: true,
    bleeds: { tannin: 0.08, resin: 0.62, dye: 0 },
  }),
  row({
    id: 'aromatic',
    sensitises: true,
    label: 'red cedar, redwood',
    jankaLbf: 900,
    jankaOf: 'eastern redcedar, which cedar chests are lined with',
    softwood: true,
    bleeds: { tannin: 0.75, resin: 0.1, dye: 0 },
  }),
  row({
    id: 'oily',
    sensitises: true,
    oily: true,
    label: 'teak and its like, oily',
    jankaLbf: 1000,
    jankaOf: 'teak',
    openPored: true,
    dark: true,
    bleeds: { tannin: 0.4, resin: 0.15, dye: 0.05 },
  }),
  row({
    id: 'rosewood',
    sensitises: true,
    oily: true,
    label: 'rosewood, oily and hard',
    jankaLbf: 3170,
    jankaOf: 'Indian rosewood',
    openPored: true,
    dark: true,
    bleeds: { tannin: 0.35, resin: 0.15, dye: 0.15 },
  }),
  row({
    id: 'paintGrade',
    label: 'poplar and other paint-grade wood',
    jankaLbf: 540,
    jankaOf: 'yellow-poplar',
    blotches: true,
    bleeds: { tannin: 0.12, resin: 0, dye: 0.02 },
  }),
]);
export type Wood = (typeof WOODS.ids)[number];
