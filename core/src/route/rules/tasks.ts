import { PROFILES } from '../../catalog';
import type { Task } from '../../work';
import { RULES } from './index';
import { taskOf, type Draft, type PieceRule, type SurfaceRule } from './rule';
import type { Whole } from '../context/whole';
import type { SurfaceContext } from '../context/context';

/** What was asked for on each surface so far. */
type Asked = Map<string, Task[]>;

/** What goes by area takes longer on a shaped face. Stripping and ladders reckon with it themselves. */
const byShape = (draft: Draft, rule: SurfaceRule, s: SurfaceContext): Draft => {
  const { slower } = PROFILES.get(s.surface.profile);
  const own = rule.phase === 'strip' || draft.ladder || draft.effort.unit !== 'm2';
  return slower === 1 || own
    ? draft
    : { ...draft, effort: { ...draft.effort, each: draft.effort.each * slower } };
};

const onSurface = (
  rule: SurfaceRule,
  s: SurfaceContext,
  asked: readonly Task[],
): readonly Task[] =>
  rule.applies(s, asked)
    ? rule.work(s, asked).map((draft) =>
        taskOf(byShape(draft, rule, s), {
          rule,
          place: { of: 'surface', id: s.surface.id },
          faces: [s],
          because: rule.because(s),
          ofSurface: rule.general !== true,
          evidence: rule.evidence?.(s) ?? [],
        }),
      )
    : [];

const listOf = (it: Draft | readonly Draft[]): readonly Draft[] =>
  Array.isArray(it) ? (it as readonly Draft[]) : [it as Draft];

const onPiece = (rule: PieceRule, whole: Whole): readonly Task[] => {
  const asking = rule.asks(whole).filter((s) => rule.regardless === true || !whole.isRefused(s));
  if (asking.length === 0) return [];
  return listOf(rule.work(whole, asking)).map((draft) => {
    const on = draft.on ?? asking;
    return taskOf(draft, {
      rule,
      place: rule.place,
      faces: on,
      because: rule.because(whole, on),
      ofSurface: rule.ofSurface === true,
      evidence: rule.evidence?.(on) ?? [],
    });
  });
};

/**
 * What is missing on a piece as it is now: every rule is asked, in the order of the work, and may
 * look at what the rules before it asked for.
 */
export const missingTasks = (whole: Whole): readonly Task[] => {
  const all: Task[] = [];
  const asked: Asked = new Map(whole.surfaces.map((s) => [s.surface.id, []]));
  const take = (tasks: readonly Task[]): void => {
    for (const it of tasks) {
      all.push(it);
      for (const id of it.surfaceIds) asked.get(id)?.push(it);
    }
  };
  for (const rule of RULES) {
    if (rule.of === 'piece') {
      take(onPiece(rule, { ...whole, asked: all }));
      continue;
    }
    for (const s of whole.surfaces) {
      if (rule.regardless !== true && whole.isRefused(s)) continue;
      take(onSurface(rule, s, asked.get(s.surface.id) ?? []));
    }
  }
  return all;
};
