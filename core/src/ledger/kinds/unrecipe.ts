import { bad, good, id } from '../../piece';
import { changeKind, hasId, withoutId } from './kind';

/** A mix is kept no longer. */
export const unrecipe = changeKind(
  'unrecipe',
  { recipeId: id },
  {
    about: 'piece',
    group: 'money',
    up: [],
    apply: (before, it) =>
      hasId(before.recipes, it.recipeId)
        ? good({ ...before, recipes: withoutId(before.recipes, it.recipeId) })
        : bad('recipeId', 'No such mix: it may have been removed already.'),
    fields: (it) => [{ name: `recipe/${it.recipeId}`, value: null, change: it }],
    told: () => 'A mix removed',
  },
);
