import type { Hazard } from '../catalog';

/** What can hurt, and who has the last word on it. */
export interface CautionWords {
  readonly text: string;
  readonly lastWord: string;
}

export const LABEL = 'The product label has the last word.';
export const CODE = 'Local code and licensed practice have the last word.';
export const KIT = "The test kit's own leaflet has the last word.";

/** By the label of the product. */
export const byLabel = (text: string): CautionWords => ({ text, lastWord: LABEL });
/** By local code. */
export const byCode = (text: string): CautionWords => ({ text, lastWord: CODE });
/** By the leaflet of the test kit. */
export const byKit = (text: string): CautionWords => ({ text, lastWord: KIT });

/** What to do about each hazard of a material; what is worn is told beside, not here. */
const OF_HAZARD: Readonly<Partial<Record<Hazard, CautionWords>>> = {
  flammable: byLabel('Solvent-wet rags burn: flat outdoors to dry, or in a lidded metal can.'),
  selfHeating: byLabel(
    'Rags wet with drying oil heat up by themselves and can ignite: flat outdoors to dry, or under water in a lidded metal can.',
  ),
  fumesStun: byLabel('The fumes burn and stun: no flame, no spark, much air.'),
  sensitiser: byLabel(
    'The hardener can make skin and lungs allergic for life: no skin contact, much air, no mist.',
  ),
  styrene: byLabel(
    'Polyester filler gives off styrene: it stuns and burns eyes and lungs. Organic-vapour cartridges, goggles, much air; the hardener blinds.',
  ),
  isocyanate: byLabel(
    'If the label names isocyanate or polyisocyanate, cartridges don’t hold it back and nothing warns you: once allergic, a trace brings asthma back. Brush only, much air. Spraying it needs supplied air: leave that to a spray shop, or take another hardener.',
  ),
  sprayMist: byLabel('Spray mist burns: no flame, no spark.'),
  sludge: byLabel(
    'Sludge and soaked wool: sealable metal or glass container, hazardous-waste site.',
  ),
};

/** The cautions of some hazards, each once. */
export const cautionsOf = (hazards: readonly Hazard[]): readonly CautionWords[] =>
  [...new Set(hazards)].flatMap((it) => OF_HAZARD[it] ?? []);

/** Told at every step of a piece on which lead was found. */
export const LEAD_ON_PIECE = byCode(
  'There is lead on this piece: wipe wet, HEPA vacuum, bag the waste, wash before you eat; where a step names a paper, on the parts with lead it is wet-or-dry paper and a wet sponge, never dry; no children or pregnant women near.',
);

export const LEAD_WET = byCode('Lead below: nothing dry, nothing hot.');
