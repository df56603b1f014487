import { weakMapMemoize } from 'reselect';
import { z } from 'zod';
import { NO_ACCOUNT, account, ownNeed, recipe } from './account';
import { doneWork } from './done';
import { ending } from './ending';
import { confirmation, finding, id, observation, paintLayer, picture, takenBack } from './evidence';
import { hardware } from './hardware';
import { logLine } from './log';
import { putOff } from './putOff';
import { aim } from './scheme';
import { ownSchools } from './shop';
import type { Problem } from './problem';
import { typedText } from './text';
import { assemble, build, fromOlder, type Build, type Face, type Surface } from './build';

/** A year that furniture may be from. */
const year = z
  .int('Give a whole year.')
  .min(1500, 'Give a year from 1500 on.')
  .max(2100, 'That year is in the future.');

/** Shared by the whole piece and by the form that describes one. */
const described = {
  name: typedText()
    .trim()
    .min(1, 'Give it a name that you will know it by.')
    .max(80, 'Keep it under 80 letters.'),
  build,
  /** Years of make, as close as known; null where unknown. */
  yearFrom: year.nullable().default(null),
  yearTo: year.nullable().default(null),
  /** It goes to a child's room: lead work is then not done by oneself. */
  childsRoom: z.boolean().default(false),
  /** It is fixed to the room, or too big to move: it is worked where it stands. */
  staysInPlace: z.boolean().default(false),
  /** It stands where water splashes: bathroom, kitchen, laundry. */
  wetRoom: z.boolean().default(false),
  /** Where it came from, what was paid. */
  origin: typedText().max(500).default(''),
  /** What the owner wants to keep. */
  keep: typedText().max(500).default(''),
  /** Promised for this day; null where nothing is promised. */
  due: z.iso.date('Give a day like 2026-12-24.').nullable().default(null),
};

/** No piece has more of each than this. */
export const MOST = {
  observations: 5000,
  takenBack: 500,
  confirmations: 500,
  findings: 1000,
  layers: 1000,
  hardware: 200,
  aims: 200,
  pictures: 300,
  done: 5000,
  log: 5000,
  putOff: 200,
  ownNeeds: 200,
  recipes: 50,
} as const;

/** Lists whose entries are about a surface. */
const SURFACE_LISTS = [
  'observations',
  'confirmations',
  'findings',
  'layers',
  'aims',
  'pictures',
] as const;

/** Checks what one field alone can't show: years against each other. */
const agree = (
  it: { readonly yearFrom: number | null; readonly yearTo: number | null },
  context: z.RefinementCtx,
): void => {
  if (it.yearFrom !== null && it.yearTo !== null && it.yearTo < it.yearFrom) {
    context.addIssue({
      code: 'custom',
      path: ['yearTo'],
      message: 'The later year comes before the earlier one.',
    });
  }
};

/** Does a list name surfaces that the piece does not have? One problem for each. */
export const strayEntries = (it: Piece): readonly Problem[] => {
  const known = surfaceIds(it.build);
  return SURFACE_LISTS.flatMap((list) =>
    it[list].flatMap((entry, index) =>
      known.has(entry.surfaceId)
        ? []
        : [
            {
              path: `${list}.${index}.surfaceId`,
              message: `This piece has no surface "${entry.surfaceId}". It has: ${[...known].join(', ')}.`,
            },
          ],
    ),
  );
};

/** What is asked when a piece is taken in. */
export const pieceDescription = z.preprocess(fromOlder, z.object(described).superRefine(agree));
export type PieceDescription = z.infer<typeof pieceDescription>;

/** Parts of a description that are changed while the others stay as they are. */
export const descriptionPart = z.preprocess(
  fromOlder,
  z
    .strictObject({
      name: described.name,
      build: described.build,
      yearFrom: described.yearFrom.unwrap(),
      yearTo: described.yearTo.unwrap(),
      childsRoom: described.childsRoom.unwrap(),
      origin: described.origin.unwrap(),
      staysInPlace: described.staysInPlace.unwrap(),
      wetRoom: described.wetRoom.unwrap(),
      keep: described.keep.unwrap(),
      due: described.due.unwrap(),
    })
    .partial(),
);
export type DescriptionPart = z.infer<typeof descriptionPart>;

/** One article of furniture with all that is known and wanted of it. */
export const piece = z.preprocess(
  fromOlder,
  z
    .object({
      id,
      ...described,
      observations: z.array(observation).max(MOST.observations).default([]),
      /** Samples of paint that were taken back: the question that they answered is open again. */
      takenBack: z.array(takenBack).max(MOST.takenBack).default([]),
      confirmations: z.array(confirmation).max(MOST.confirmations).default([]),
      findings: z.array(finding).max(MOST.findings).default([]),
      layers: z.array(paintLayer).max(MOST.layers).default([]),
      hardware: z.array(hardware).max(MOST.hardware).default([]),
      aims: z.array(aim).max(MOST.aims).default([]),
      /** What it looked like, surface by surface. */
      pictures: z.array(picture).max(MOST.pictures).default([]),
      /** The work that was done, in the order in which it was put on record. */
      done: z.array(doneWork).max(MOST.done).default([]),
      /** What was seen, decided, used and timed at the bench, in the order in which it was put on record. */
      log: z.array(logLine).max(MOST.log).default([]),
      /** Work that is not to begin before a time. */
      putOff: z.array(putOff).max(MOST.putOff).default([]),
      /** What was paid, hoped and got for it. */
      account: account.default(NO_ACCOUNT),
      /** How much it takes, where somebody knows better. */
      ownNeeds: z.array(ownNeed).max(MOST.ownNeeds).default([]),
      /** Colours mixed for it. */
      recipes: z.array(recipe).max(MOST.recipes).default([]),
      /** How it is worked where it departs from the shop. */
      schools: ownSchools.default({}),
      /** What became of it when the work was over; null while it is in the shop to be worked on. */
      ending: ending.nullable().default(null),
      /** Put away; everything is kept and can be brought back. */
      archived: z.boolean().default(false),
    })
    .superRefine((it, context) => {
      agree(it, context);
      for (const { path, message } of strayEntries(it)) {
        context.addIssue({ code: 'custom', path: path.split('.'), message });
      }
      const aimed = new Set<string>();
      it.aims.forEach(({ surfaceId }, index) => {
        if (aimed.has(surfaceId)) {
          const message = `Two aims for "${surfaceId}": keep one.`;
          context.addIssue({ code: 'custom', path: ['aims', index, 'surfaceId'], message });
        }
        aimed.add(surfaceId);
      });
    }),
);
export type Piece = z.infer<typeof piece>;

/** Is it for a child, by what was said or by what it is? */
export const isForChild = (it: Pick<Piece, 'build' | 'childsRoom'>): boolean =>
  it.childsRoom || assemble(it.build).forChild;

/** Ids of the surfaces by the build they follow from: asked at each entry of a ledger. */
const surfaceIds = weakMapMemoize(
  (it: Build): ReadonlySet<string> => new Set(assemble(it).surfaces.map((one) => one.id)),
);

/** The surfaces of a piece, as it is built. Areas in mm². */
export const surfacesOf = (it: Pick<Piece, 'build'>): readonly Surface[] =>
  assemble(it.build).surfaces;

/** The unfolded drawing of a piece, mm. */
export const facesOf = (it: Pick<Piece, 'build'>): readonly Face[] => assemble(it.build).faces;

/** Says the names of a piece's surfaces; of one that is gone, its id. */
export const surfaceNames = (it: Pick<Piece, 'build'>): ((surfaceId: string) => string) => {
  const names = new Map(surfacesOf(it).map(({ id: key, name }) => [key, name]));
  return (surfaceId) => names.get(surfaceId) ?? surfaceId;
};

/** A fresh piece of a description. */
export const newPiece = (pieceId: string, description: PieceDescription): Piece => ({
  ...description,
  id: pieceId,
  observations: [],
  takenBack: [],
  confirmations: [],
  findings: [],
  layers: [],
  hardware: [],
  aims: [],
  pictures: [],
  done: [],
  log: [],
  putOff: [],
  account: NO_ACCOUNT,
  ownNeeds: [],
  recipes: [],
  schools: {},
  ending: null,
  archived: false,
});
