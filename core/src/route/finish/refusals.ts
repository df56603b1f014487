import { groupBy } from '../group';
import type { Refusal } from '../order/operation';
import { type SurfaceContext } from '../context/context';
import { REFUSAL_RULES } from './refusalRules';

/** Does one of the rules that block say no to the aim of a surface? */
export const isRefused = (s: SurfaceContext): boolean =>
  REFUSAL_RULES.some((rule) => rule.blocks && rule.judge(s) !== undefined);

/**
 * Everything that is refused on some surfaces. What is refused on several for one reason is one
 * refusal.
 */
export const refusalsOn = (surfaces: readonly SurfaceContext[]): readonly Refusal[] => {
  const all = surfaces.flatMap((s) =>
    REFUSAL_RULES.flatMap((rule) => {
      const verdict = rule.judge(s);
      return verdict ? [{ rule, surface: s.surface, verdict }] : [];
    }),
  );
  // The title of no surface in particular tells two kinds of one refusal apart.
  const alike = groupBy(all, ({ rule, verdict }) =>
    JSON.stringify([rule.id, verdict.title([]), verdict.because, verdict.waysOut]),
  );
  return [...alike.values()].flatMap((group) => {
    const [first] = group;
    if (!first) return [];
    return [
      {
        rule: first.rule.id,
        blocks: first.rule.blocks,
        surfaceIds: group.map((it) => it.surface.id),
        title: first.verdict.title(group.map((it) => it.surface.name)),
        because: first.verdict.because,
        waysOut: [...first.verdict.waysOut],
        observationIds: [...new Set(group.flatMap((it) => it.verdict.observationIds))],
      },
    ];
  });
};
