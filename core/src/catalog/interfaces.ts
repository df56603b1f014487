import { COATINGS, type Coating } from './coatings';
import { FINISHES, type Finish } from './finishes';
import type { Meeting, Nature } from './meetings';
import { SUBSTRATES, type Substrate } from './substrates';

/** A layer that something may be laid on: the substrate, an old finish, a new coat, or what soils them. */
export type Layer =
  | { readonly of: 'substrate'; readonly id: Substrate }
  | { readonly of: 'old'; readonly id: Exclude<Finish, 'bare'> }
  | { readonly of: 'coat'; readonly id: Coating }
  | { readonly of: 'soil'; readonly id: 'silicone' };

/** What the face of a layer is like to the next coat. */
export const natureOf = (it: Layer): Nature => {
  switch (it.of) {
    case 'substrate':
      return SUBSTRATES.get(it.id).nature;
    case 'old':
      return FINISHES.get(it.id).nature;
    case 'coat':
      return COATINGS.get(it.id).ground;
    case 'soil':
      return it.id;
  }
};

/** The name of a layer: “maple”, “old lacquer”, “waterborne clear”. */
export const layerLabel = (it: Layer): string => {
  switch (it.of) {
    case 'substrate':
      return SUBSTRATES.get(it.id).label;
    case 'old':
      return `old ${FINISHES.get(it.id).label}`;
    case 'coat':
      return COATINGS.get(it.id).label;
    case 'soil':
      return it.id;
  }
};

/** Every layer that there is. */
export const LAYERS: readonly Layer[] = [
  ...SUBSTRATES.ids.map((id) => ({ of: 'substrate', id }) as const),
  ...FINISHES.ids.flatMap((id) => (id === 'bare' ? [] : [{ of: 'old', id } as const])),
  ...COATINGS.ids.map((id) => ({ of: 'coat', id }) as const),
  { of: 'soil', id: 'silicone' },
];

/** How a coat meets a layer; a coat within the window of its own kind bites on it. */
export const meetingOf = (over: Coating, under: Layer): Meeting =>
  under.of === 'coat' && under.id === over ? 'itself' : COATINGS.get(over).over[natureOf(under)];
