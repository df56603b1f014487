import type { Layer, Material, Mend } from '../catalog';
import type { Interface } from '../coating';
import type { Condition, Need, Part, PieceCondition, Lag, Coat } from '../effect';

/** One layer of a surface, as it lies on the one below. */
export interface FaceLayer {
  readonly layer: Layer;
  /** Thickness, µm; 0 for what goes into the wood. */
  readonly um: number;
  /** How it meets what it was laid on; null for what was there before. */
  readonly meets: Interface | null;
  /** What it asks of the face below was done: dulled where it wants that. */
  readonly holds: boolean;
  /** The coat that it is; null for what was there before. */
  readonly coat: Coat | null;
  /** The task that laid it; null for what was there before. */
  readonly taskKey: string | null;
}

/** A fault in the fresh work that is to be set right before anything is laid over it. */
export interface Flaw {
  /** The line of the log that told of it. */
  readonly id: string;
  readonly mend: Mend;
}

/** What a surface is like now. */
export interface SurfaceState {
  /** Bottom up: the substrate, old layers, new coats. */
  readonly layers: readonly FaceLayer[];
  readonly dulled: boolean;
  /** The coat on top is so hard by now that the next one does not bite unless it is dulled. */
  readonly recoatWindowClosed: boolean;
  readonly dusty: boolean;
  /** Wet with lye, and not yet neutralised. */
  readonly alkaline: boolean;
  /** The finest paper that went over the face since it was last laid bare or coated. */
  readonly sandedTo: number | null;
  readonly met: readonly Condition[];
  /** Findings that are settled. */
  readonly mended: readonly string[];
  /** Faults that turned up, settled by now or not. */
  readonly flaws: readonly Flaw[];
  /** What it waits for after the last work on it. */
  readonly waits: Lag | null;
}

/** What lies on the bench, and where one stands, after the last task. */
export interface InHand {
  readonly batchKey: string;
  readonly place: string;
  readonly materials: readonly Material[];
}

/** What a piece is like now. */
export interface PieceState {
  readonly surfaces: Readonly<Record<string, SurfaceState>>;
  /** Parts that were taken off, and those that are back on; what is missing was never off. */
  readonly parts: Readonly<Partial<Record<Part, 'off' | 'back'>>>;
  readonly met: readonly PieceCondition[];
  /** After the last task; null where none was done. */
  readonly inHand: InHand | null;
}

/** A surface of these layers that nobody has worked on yet. */
export const unworkedSurface = (layers: readonly FaceLayer[]): SurfaceState => ({
  layers,
  dulled: false,
  recoatWindowClosed: false,
  dusty: false,
  alkaline: false,
  sandedTo: null,
  met: [],
  mended: [],
  flaws: [],
  waits: null,
});

/** A piece of these surfaces that nobody has worked on yet. */
export const unworkedPiece = (surfaces: PieceState['surfaces']): PieceState => ({
  surfaces,
  parts: {},
  met: [],
  inHand: null,
});

export const isSubstrate = ({ layer }: FaceLayer): boolean => layer.of === 'substrate';

export const isOldWax = ({ layer }: FaceLayer): boolean => layer.of === 'old' && layer.id === 'wax';

/** What lies over the topmost substrate: new veneer buries what was there before. */
const filmOn = ({ layers }: SurfaceState): readonly FaceLayer[] =>
  layers.slice(layers.map(isSubstrate).lastIndexOf(true) + 1);

/** Nothing but the substrate is left. */
export const isBare = (it: SurfaceState): boolean => filmOn(it).length === 0;

/** New coats, bottom up. */
export const coatsOn = ({ layers }: SurfaceState): readonly Coat[] =>
  layers.flatMap((it) => it.coat ?? []);

/** New coats that no longer count lie on the face. */
export const hasSpoiledCoats = ({ layers }: SurfaceState): boolean =>
  layers.some((it) => it.layer.of === 'coat' && it.coat === null);

/** Faults that are still to be set right. */
export const openFlaws = ({ flaws, mended }: SurfaceState): readonly Flaw[] =>
  flaws.filter((it) => !mended.includes(it.id));

/** Is the face as a task asks for it? */
export const isMet = (need: Need, it: SurfaceState): boolean => {
  switch (need) {
    case 'bare':
      return filmOn(it).every((one) => one.um === 0);
    case 'dulled':
      return it.dulled || isBare(it);
    case 'dustFree':
      return !it.dusty;
    case 'dewaxed':
      return !it.layers.some(isOldWax);
  }
};
