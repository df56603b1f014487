import { LEAD_LIMITS } from '../catalog';
import { capital } from './language';

/** What looking at a piece tells, in words. */

/** "layer 2", "layers 1–3", "layers 1, 3". */
export const layersInWords = (layers: readonly number[]): string => {
  const [first] = layers;
  if (layers.length === 1) return `layer ${first}`;
  const last = layers.at(-1) ?? 0;
  const inARow = last - (first ?? 0) === layers.length - 1;
  return `layers ${inARow ? `${first}–${last}` : layers.join(', ')}`;
};

/** A laboratory's figure for a whole chip: one layer may hold far more than the average. */
const inTheChip = (ppm: number): string => `in the chip (${ppm} ppm averaged over its layers)`;

/** "1 layer was counted" */
const layersCounted = (count: number): string =>
  count === 1 ? '1 layer was counted' : `${count} layers were counted`;

/** "by swab in layers 1–3, by laboratory in all layers". */
const byMethod = (
  results: readonly {
    readonly by: string;
    readonly layer: number | null;
    readonly ppm: number | null;
  }[],
): string =>
  [...new Set(results.map((it) => it.by))]
    .map((by) => {
      const layers = results.filter((it) => it.by === by).map((it) => it.layer);
      const single = layers.flatMap((it) => it ?? []);
      const average = results.find((it) => it.by === by && it.layer === null)?.ppm ?? null;
      const all = average === null ? 'in all layers' : inTheChip(average);
      return `by ${by} ${single.length < layers.length ? all : `in ${layersInWords(single)}`}`;
    })
    .join(', ');

const consumer = LEAD_LIMITS.consumerPaintPpm.value;

export const lead = {
  basedPaint: (ppm: number) =>
    `${ppm} ppm: lead-based paint (${LEAD_LIMITS.leadBasedPaintPpm.value} ppm or more, 40 CFR 745.103).`,
  overConsumer: (ppm: number) =>
    `${ppm} ppm: under the line for lead-based paint, over the ${consumer} ppm allowed in paint sold today (16 CFR 1303). Worked as lead.`,
  underConsumer: (ppm: number) => `${ppm} ppm: at or under ${consumer} ppm (16 CFR 1303).`,
  /** One result: "All layers: lead not found by laboratory". */
  result: (layer: number | null, found: boolean, by: string, ppm: number | null, who: string) => {
    const figure = ppm === null ? '' : layer === null ? ` ${inTheChip(ppm)}` : ` (${ppm} ppm)`;
    return `${layer === null ? 'All layers' : `Layer ${layer}`}: lead ${found ? 'found' : 'not found'} by ${by}${figure}${who === '' ? '' : ` (${who})`}`;
  },
  found: (results: Parameters<typeof byMethod>[0]) => `Lead found ${byMethod(results)}.`,
  /** Some other result of all layers says that there is none. */
  disagrees: (by: string) =>
    `${capital(by)} of all layers found none: the results disagree. It’s treated as lead until a laboratory explains it with a sample from the same place.`,
  notFound: (results: Parameters<typeof byMethod>[0], surface: string) =>
    `Not found ${byMethod(results)} at the ${surface.toLowerCase()}.`,
  madeAfter: (cutoffYear: number) => `Made after ${cutoffYear}: not suspect by its year.`,
  printShows: 'Paper or resin shows right up to the face: no paint to be tested.',
  noNotch:
    'Not tested, and no place for a notch: it may not be wood. Have it read by X-ray, where nothing is cut, or send a flake that is loose already to a laboratory.',
  presumed: (surface: string) =>
    `Lead was found at the ${surface.toLowerCase()}, and this is painted the same as far as is known: treat it as lead. A laboratory result of its own can show otherwise.`,
  inPart: (name: string, text: string) => `${name}: ${text}`,
  noLayer: 'No layer of paint counted at the notch.',
  woodShows: 'Wood right up to the face: no paint to be tested.',
  woodOnlySeen:
    'Wood is only seen so far, and painted graining under varnish looks like wood. Look into a chip, down to the wood.',
  countFirst: 'Not tested. Count the layers first, then test each.',
  notByLaboratory: (layers: readonly number[]) =>
    `Not tested by a laboratory in ${layersInWords(layers)}: for a child’s room a swab is not enough.`,
  notTested: (layers: readonly number[]) => `Not tested in ${layersInWords(layers)}.`,
  atLeast: (layers: number) =>
    `There ${layers === 1 ? 'is at least 1 layer' : `are at least ${layers} layers`}, and maybe more below. Count them at a notch down to the wood, or send one full-depth chip to a laboratory.`,
  olderCoat:
    'An older coat has turned up on this piece since: that result speaks for the layers known then.',
  countsDisagree: (counted: number, atLeast: number) =>
    atLeast > counted
      ? `${layersCounted(counted)} at the notch, but at least ${atLeast} on record: the counts disagree. Take the wrong one back, or send one full-depth chip to a laboratory.`
      : `The counts at the notch disagree: up to ${counted}. Take the wrong one back, or send one full-depth chip to a laboratory.`,
  paintButNoLayer:
    'No layer was counted at the notch, but it looks painted: the results disagree. Look into a chip, or send one full-depth chip to a laboratory.',
  paintButWood: (atLeast: number) =>
    `Wood right up to the face in one place, but at least ${atLeast} ${atLeast === 1 ? 'layer' : 'layers'} of paint on record: the results disagree. Send one full-depth chip to a laboratory.`,
} as const;

export const moisture = {
  text: (percent: number, atRest: number, over: number, damp: boolean) => {
    const against = `${percent.toFixed(1)} %, at rest in this air ${atRest.toFixed(1)} %`;
    return damp
      ? `${against}: ${over.toFixed(1)} points too damp. Let it dry before sanding or coating.`
      : `${against}: dry enough.`;
  },
} as const;

const quoted = (label: string): string => `“${label}”`;

export const conflict = {
  between: (
    [a, b]: readonly [string, string],
    [forA, forB]: readonly [string, string],
    settles: string | undefined,
  ) =>
    `${quoted(a)} speaks for ${forA}, ${quoted(b)} for ${forB}. ${
      settles === undefined
        ? 'Look again, or confirm what you know.'
        : `This would settle it: ${settles.charAt(0).toLowerCase()}${settles.slice(1)}.`
    }`,
  odd: (seen: readonly string[]) =>
    `Nothing that Obrik knows of looks like this together: ${seen.map(quoted).join(', ')}. Repeat these on another spot; it may be a repair, or two materials in one surface.`,
  withWord: (said: string, tests: string) =>
    `You confirmed ${said}; the tests speak for ${tests}. Your word stands until you take it back.`,
} as const;

export const advice = {
  turns: (outcome: string, from: string, to: string) =>
    `${quoted(outcome)} would turn ${quoted(from)} into ${quoted(to)}.`,
  narrows: 'Narrows down which plan is best.',
  veneer: (tooThinMm: number) => `Below ${tooThinMm} mm it may not be stripped and sanded.`,
  lookIntoChip:
    'Shows whether it is wood up to the face, or graining painted in what may be lead paint.',
  countLayers: 'Until each layer has a lead result, nothing may be sanded dry here.',
  testLayer: 'Decides whether this surface may be sanded dry.',
} as const;

export const damage = {
  patchShows: 'stain would show the patch',
  fillShows: 'filler takes stain in another shade',
  stainInThinWood: 'it can’t be sanded out of a thin face: bleach it, or paint',
  filmLifts: 'what lifts goes on lifting',
  swellingStays: 'swollen board never goes back',
  alive: 'nothing is begun before it is gone',
  deep: (depth: string) => `${depth} deep`,
  where: { high: 'on a face in full view', middle: '', low: 'where few look' },
  told: (what: readonly string[], ruledOut: readonly string[]) => {
    const words = what.filter(Boolean).join(' ');
    return ruledOut.length > 0 ? `${words}: ${ruledOut.join('; ')}.` : `${words}.`;
  },
} as const;
