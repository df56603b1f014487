import { published } from './source';

export const GRIT_SOURCE = published('ISO 6344 / FEPA 43');

/** P-grades and their median grain, µm, coarse to fine. */
export const GRITS = [
  { grit: 40, grainUm: 425 },
  { grit: 50, grainUm: 336 },
  { grit: 60, grainUm: 269 },
  { grit: 80, grainUm: 201 },
  { grit: 100, grainUm: 162 },
  { grit: 120, grainUm: 125 },
  { grit: 150, grainUm: 100 },
  { grit: 180, grainUm: 82 },
  { grit: 220, grainUm: 68 },
  { grit: 240, grainUm: 58.5 },
  { grit: 280, grainUm: 52.2 },
  { grit: 320, grainUm: 46.2 },
  { grit: 360, grainUm: 40.5 },
  { grit: 400, grainUm: 35 },
  { grit: 500, grainUm: 30.2 },
  { grit: 600, grainUm: 25.8 },
  { grit: 800, grainUm: 21.8 },
  { grit: 1000, grainUm: 18.3 },
  { grit: 1200, grainUm: 15.3 },
] as const;
