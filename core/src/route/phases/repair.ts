import {
  DAMAGES,
  FILL_DEPTHS,
  PART_MINUTES,
  STAINABLE_WAITS,
  labelOf,
  type Repair,
} from '../../catalog';
import type { Finding, Hardware } from '../../piece';
import { carriesPulls, type SurfaceContext } from '../context';
import { LABEL, effort, type Rule, type Work } from '../rule';

/** Putty where it is shallow, epoxy where filler would sag, filler in rounds between. */
const fillerByDepth = (filler: Repair, depthMm: number): Repair => {
  if (depthMm <= FILL_DEPTHS.putty) return DAMAGES.get('scratch').underPaint ?? filler;
  if (depthMm > FILL_DEPTHS.twoPart) return DAMAGES.get('missingEdge').underPaint ?? filler;
  const rounds = Math.ceil(depthMm / FILL_DEPTHS.round);
  return {
    ...filler,
    minutes: filler.minutes * rounds,
    waitMinutes: filler.waitMinutes * rounds,
    title: rounds > 1 ? `${filler.title}, ${rounds} rounds` : filler.title,
  };
};

const stainableByDepth = (filler: Repair, depthMm: number): Repair => ({
  ...filler,
  waitMinutes: STAINABLE_WAITS.find((it) => depthMm <= it.upToMm)?.minutes ?? filler.waitMinutes,
});

/** A repair as the depth of the damage wants it; as it usually is where nobody measured. */
const byDepth = (repair: Repair, depthMm: number | null): Repair => {
  if (depthMm === null) return repair;
  if (repair.id === 'two-part-filler') return fillerByDepth(repair, depthMm);
  return repair.id === 'stainable-filler' ? stainableByDepth(repair, depthMm) : repair;
};

/** A dark stain in solid wood is sanded out; in a thin face it is bleached. */
export const sandsStainOut = (s: SurfaceContext, finding: Finding): boolean =>
  s.worked && s.showsWood && finding.damage === 'darkRing' && s.veneerUm === null;

/** The repair that a finding wants under the surface's scheme; undefined where it wants none. */
export const repairOf = (s: SurfaceContext, finding: Finding): Repair | undefined => {
  if (!s.worked || sandsStainOut(s, finding)) return undefined;
  const damage = DAMAGES.get(finding.damage);
  const repair = s.showsWood ? damage.underClear : damage.underPaint;
  const steamOnVeneer = repair?.id === 'steam' && s.veneerUm !== null;
  const fitting = steamOnVeneer ? DAMAGES.get('gouge').underClear : repair;
  return fitting && byDepth(fitting, finding.depthMm);
};

/** Fittings that are replaced and whose holes are known: old holes are filled, new ones drilled. */
export const replacedFittings = (s: SurfaceContext): readonly Hardware[] =>
  carriesPulls(s)
    ? s.piece.hardware.filter((it) => it.disposition === 'replace' && it.holeSpacingMm !== null)
    : [];

/** Holes of a fitting that is held by two screws. */
const HOLES = 2;

/** Screw holes of these fittings. */
export const holesIn = (list: readonly Hardware[]): number =>
  HOLES * list.reduce((sum, it) => sum + it.count, 0);

/** Repairs that leave something proud, to be sanded flush. */
export const leavesFill = (s: SurfaceContext): boolean =>
  replacedFittings(s).length > 0 ||
  s.findings.some((it) => {
    const repair = repairOf(s, it);
    return (
      repair !== undefined &&
      !repair.glue &&
      repair.id !== 'oxalic-acid' &&
      repair.id !== 'new-back'
    );
  });

const workOf = (s: SurfaceContext, finding: Finding): readonly Work[] => {
  const repair = repairOf(s, finding);
  if (!repair) return [];
  return [
    {
      method: repair.id,
      variant: `${repair.title}/${repair.waitMinutes}`,
      rank: repair.glue ? 0 : 1,
      title: repair.title,
      minutes: repair.minutes * finding.count,
      how: repair.steps,
      materials: repair.materials,
      wait: repair.waitMinutes > 0 ? { minutes: repair.waitMinutes, until: repair.until } : null,
      protection: repair.id === 'oxalic-acid' ? ['Nitrile gloves', 'Goggles'] : ['Nitrile gloves'],
      risks: { repairShows: s.showsWood ? (repair.shows ?? 0) : 0 },
      cautions: repair.caution ? [{ text: repair.caution, lastWord: LABEL }] : [],
    },
  ];
};

/** How a whole new skin is laid (trade, common practice). */
const NEW_SKIN: readonly string[] = [
  'Scrape loose film off; scuff with P150, vacuum, wipe. Fill hollows: the sheet shows every one.',
  'Contact cement on both faces, two coats on paper-backed sheet; let both dry by the label.',
  'Lay it over dowels, pull them out from the centre, roll hard from the centre out.',
  'Trim with a fresh blade, scored across the grain first; break the edge with P180.',
];

/** Each damage that the scheme can't live with is mended. */
export const REPAIR_RULES: readonly Rule[] = [
  {
    id: 'mend-what-would-show',
    phase: 'repair',
    applies: (s) => s.findings.some((it) => repairOf(s, it) !== undefined),
    because: (s) =>
      `${s.surface.name}: ${s.findings
        .filter((it) => repairOf(s, it) !== undefined)
        .map((it) => `${it.count} × ${DAMAGES.get(it.damage).label.toLowerCase()}`)
        .join(
          ', ',
        )}; under ${s.showsWood ? 'a clear coat' : 'paint'} on ${labelOf('substrate', s.substrate.id)}.`,
    work: (s) => s.findings.flatMap((it) => workOf(s, it)),
  },
  {
    id: 'old-holes-filled',
    phase: 'repair',
    applies: (s) => s.worked && replacedFittings(s).length > 0,
    because: () =>
      'New fittings sit on other holes: the old ones are filled before the face is sanded.',
    work: (s) => {
      const fill = DAMAGES.get('smallHole')[s.showsWood ? 'underClear' : 'underPaint'];
      return fill
        ? [
            {
              method: 'fill-old-holes',
              variant: fill.id,
              rank: 1,
              title: `Fill the ${holesIn(replacedFittings(s))} old screw holes`,
              minutes: holesIn(replacedFittings(s)) * PART_MINUTES.hole,
              how: ['Tape over the hole at the back.', ...fill.steps],
              materials: fill.materials,
              wait: { minutes: fill.waitMinutes, until: fill.until },
              protection: ['Nitrile gloves'],
              risks: { repairShows: s.showsWood ? (fill.shows ?? 0) : 0 },
              cautions: fill.caution ? [{ text: fill.caution, lastWord: LABEL }] : [],
            },
          ]
        : [];
    },
  },
  {
    id: 'new-skin-on-a-sound-face',
    phase: 'repair',
    applies: (s) => s.aim.scheme.kind === 'veneered' && s.lead !== 'found',
    because: (s) =>
      `${s.surface.name}: a new face of veneer; it holds on a flat, dulled, clean ground.`,
    work: (s) => [
      {
        method: 'lay-veneer',
        rank: 2,
        title: 'Lay new veneer',
        ...effort('veneer', s),
        how: NEW_SKIN,
        materials: ['Paper-backed veneer', 'Contact cement', 'P150 paper', 'Roller'],
        wait: { minutes: 24 * 60, until: 'the cement is hard, by its label' },
        protection: ['Organic-vapour cartridges', 'Nitrile gloves', 'Open window, no flame'],
        cautions: [
          {
            text: 'Contact cement fumes burn and stun: no flame, no spark, much air.',
            lastWord: LABEL,
          },
        ],
        grits: [150],
        makesDust: true,
        dedusts: true,
        leaves: 'veneer',
      },
    ],
  },
];
