import { good, recipe as recipeOf } from '../../piece';
import { changeKind, put } from './kind';

/** A mix is kept with the piece, or becomes another. */
export const recipe = changeKind(
  'recipe',
  { recipe: recipeOf },
  {
    about: 'piece',
    group: 'money',
    up: [],
    apply: (before, it) => good({ ...before, recipes: put(before.recipes, it.recipe) }),
    fields: (it) => [{ name: `recipe/${it.recipe.id}`, value: it.recipe, change: it }],
    madeFrom: (piece) => piece.recipes.map((one) => ({ change: { kind: 'recipe', recipe: one } })),
    told: (it) => `Mix kept: ${it.recipe.name}`,
  },
);
