/** Groups of surfaces, as they are chosen in one tap. */
export const GROUP_NAMES = {
  all: 'Everything',
  shown: 'All that shows',
  butTop: 'All but the top',
  fronts: 'All drawer fronts',
  doors: 'All doors',
  side: 'The sides',
  frame: 'The frames',
  legs: 'Legs and stretchers',
  shelves: 'All shelves',
  inside: 'All insides',
} as const;
