/** Bad outcomes that work may have, in words. */
export const RISKS = {
  bleed: 'Stain comes through the colour',
  peel: 'Paint peels off a slick film',
  wax: 'A coat slides off wax that was left',
  sandThrough: 'Sanded through the veneer',
  noWood: 'There is no wood in the face',
  water: 'Water lifts the veneer or swells the board',
  lyeDarkens: 'Lye darkens the wood',
  blotches: 'Stain takes in blotches',
  repairShows: 'A repair stays visible',
  groundShows: 'The ground shows through the colour',
} as const;
export type RiskKind = keyof typeof RISKS;
