import { FINISHES, LEAD, LEAD_PRIOR } from '../../catalog';
import type { Evidence } from '../belief/evidence';
import { tableOf } from '../belief/likelihood';
import type { LeadChance } from '../belief/priors';
import { MAKES } from '../belief/space';

/** 1 for the makes whose top layer is paint. */
const IS_PAINT = Uint8Array.from(MAKES, (make) => (FINISHES.get(make.finish).paint ? 1 : 0));

const [PRESENT, ABSENT] = [LEAD.ids.indexOf('present'), LEAD.ids.indexOf('absent')];

/** Chance of what the looks of one kind say together, with lead somewhere and without. */
interface Look {
  readonly present: number;
  readonly absent: number;
}

/**
 * Looks of one kind are one look: a kit that misses once misses again, and each swab reads one
 * layer only, while the question is of lead in some layer. With lead in one of n layers, k of them
 * looked at: P(not found | lead) = 1 − k/n · P(found | that layer).
 */
const lookOf = (group: readonly Evidence[], layers: number | null): Look => {
  const [first] = group;
  const chances = first && tableOf(first.test)?.byValue;
  if (!first || !chances || first.test.kind !== 'layer') return { present: 1, absent: 1 };
  const found = first.test.outcomes.findIndex((it) => it.id === 'found');
  const hit = chances[found]?.[PRESENT] ?? 0;
  const falseAlarm = chances[found]?.[ABSENT] ?? 0;
  if (group.some((it) => it.result === found)) return { present: hit, absent: falseAlarm };
  const looked = new Set(group.map((it) => it.observation.layer)).size;
  const of = Math.max(layers ?? LEAD_PRIOR.layersUncounted.value, looked);
  const share = first.test.allLayers ? 1 : looked / of;
  return { present: 1 - share * hit, absent: 1 - falseAlarm };
};

/**
 * Lead beside the states: P(lead | finish) is one figure under paint and one under anything else.
 * P(results | finish) = λ · Π P(look | present) + (1 − λ) · Π P(look | absent), over kinds of look.
 * Only lead that was found bears on the finish: a swab that finds nothing makes paint no less likely.
 * @param layers how many there are; null where nobody counted
 */
export const reckonLead = (
  chance: LeadChance,
  results: readonly Evidence[],
  layers: number | null,
): { readonly after: LeadChance; readonly factors: LeadChance } => {
  const kinds = [...new Set(results.map((it) => it.test.id))];
  const looks = kinds.map((id) =>
    lookOf(
      results.filter((it) => it.test.id === id),
      layers,
    ),
  );
  const present = looks.reduce((product, it) => product * it.present, 1);
  const absent = looks.reduce((product, it) => product * it.absent, 1);
  const factor = (prior: number) => prior * present + (1 - prior) * absent;
  const factors = { paint: factor(chance.paint), other: factor(chance.other) };
  return {
    factors: present > absent ? factors : { paint: 1, other: 1 },
    after: {
      paint: (chance.paint * present) / factors.paint,
      other: (chance.other * present) / factors.other,
    },
  };
};

/** Multiplies makes by a figure under paint and another under anything else, in place. */
export const weighByPaint = (makes: Float64Array, { paint, other }: LeadChance): void => {
  if (paint === other) return;
  for (let m = 0; m < makes.length; m++) {
    makes[m] = (makes[m] as number) * (IS_PAINT[m] ? paint : other);
  }
};
