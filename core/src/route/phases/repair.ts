import { DAMAGES, labelOf, type Repair } from '../../catalog';
import type { Finding } from '../../piece';
import type { SurfaceContext } from '../context';
import { LABEL, type Rule, type Work } from '../rule';

/** The repair that a finding wants under the surface's scheme. */
export const repairOf = (s: SurfaceContext, finding: Finding): Repair | undefined => {
  if (s.aim.scheme.kind === 'leave') return undefined;
  const damage = DAMAGES.get(finding.damage);
  const repair = s.showsWood ? damage.underClear : damage.underPaint;
  const steamOnVeneer = repair?.id === 'steam' && s.veneerUm !== null;
  return steamOnVeneer ? DAMAGES.get('gouge').underClear : repair;
};

/** Repairs that leave something proud, to be sanded flush. */
export const leavesFill = (s: SurfaceContext): boolean =>
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
      rank: repair.glue ? 0 : 1,
      title: repair.title,
      minutes: repair.minutes * finding.count,
      how: repair.steps,
      materials: repair.materials,
      wait: repair.waitMinutes > 0 ? { minutes: repair.waitMinutes, until: repair.until } : null,
      protection: repair.id === 'oxalic-acid' ? ['Nitrile gloves', 'Goggles'] : ['Nitrile gloves'],
      cautions: repair.caution ? [{ text: repair.caution, lastWord: LABEL }] : [],
    },
  ];
};

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
];
