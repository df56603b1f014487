import { assemble, type Build, type Cell, type Face } from '@obrik/core/piece';

/** What is chosen in the drawing of a piece that is being built. */
export type ChosenPart =
  | { readonly of: 'cell'; readonly bodyId: string; readonly lane: number; readonly index: number }
  | { readonly of: 'surface'; readonly surfaceId: string };

/** What a face stands for when it is tapped. */
export const chosenBy = (it: Face): ChosenPart | undefined => {
  if (it.cell) return { of: 'cell', ...it.cell };
  return it.surfaceId === null ? undefined : { of: 'surface', surfaceId: it.surfaceId };
};

export const isSamePart = (a: ChosenPart | undefined, b: ChosenPart | undefined): boolean =>
  JSON.stringify(a) === JSON.stringify(b);

/** Does a face show what is chosen? */
export const isFaceOf = (face: Face, it: ChosenPart | undefined): boolean => {
  if (it?.of === 'cell') return isSamePart(chosenBy(face), it);
  return it !== undefined && face.surfaceId === it.surfaceId && face.cell === null;
};

/** Everything that can be chosen, in the order of the drawing: for those who step through it. */
export const choicesIn = (build: Build): readonly ChosenPart[] => {
  const { faces, surfaces } = assemble(build);
  const all: ChosenPart[] = [];
  for (const face of faces) {
    const it = chosenBy(face);
    if (it && !all.some((one) => isSamePart(one, it))) all.push(it);
  }
  const drawn = new Set(faces.map((it) => it.surfaceId));
  return [
    ...all,
    ...surfaces
      .filter((it) => !drawn.has(it.id))
      .map(({ id }): ChosenPart => ({ of: 'surface', surfaceId: id })),
  ];
};

export const CELL_NAMES: Readonly<Record<Cell['kind'], string>> = {
  drawer: 'Drawer',
  door: 'Door',
  open: 'Open',
  panel: 'Panel',
  falseDrawer: 'False front',
};
