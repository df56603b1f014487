import { RISKS, type RiskKind } from '../../words';
import type { Risk } from '../../work';

export { RISKS, type RiskKind };

/** The likeliest of each kind, the likeliest first. */
export const worstOf = (risks: readonly Risk[]): readonly Risk[] => {
  const byKind = new Map<RiskKind, Risk>();
  for (const it of risks) {
    const old = byKind.get(it.kind);
    if (!old || it.chance > old.chance) byKind.set(it.kind, it);
  }
  return [...byKind.values()].sort((a, b) => b.chance - a.chance);
};
