import type { PieceLedger } from '@obrik/core/ledger';
import { lazy, Suspense, type ComponentType } from 'react';
import { PieceFrame } from '@/features/pieces/PieceFrame';
import { Loading, Screen } from '@/ui/controls';

type Loaded = typeof import('@/features/stations');
/** What of it is a screen. */
type Stations = Omit<Loaded, 'openPieceFile'>;
/** Screens of a piece, by name. */
type OfPiece = {
  [N in keyof Stations]: Parameters<Stations[N]>[0] extends { readonly record: unknown }
    ? N
    : never;
}[keyof Stations];

const load = () => import('@/features/stations');

const fetching = (
  <Screen>
    <Loading what="the screen" />
  </Screen>
);

/** A screen that is no piece's, loaded when it is first shown. */
export const later = (name: Exclude<keyof Stations, OfPiece>) => {
  const It = lazy(async () => ({ default: (await load())[name] as ComponentType }));
  return function Later() {
    return (
      <Suspense fallback={fetching}>
        <It />
      </Suspense>
    );
  };
};

/**
 * A screen of a piece, loaded when it is first shown, in the frame of the piece.
 * @param bare without the frame's head, for paper and tests
 */
export const station = (name: OfPiece, bare = false) => {
  const It = lazy(async () => ({
    default: (await load())[name] as ComponentType<{ readonly record: PieceLedger }>,
  }));
  return function Station() {
    return (
      <PieceFrame bare={bare}>
        {(record) => (
          <Suspense fallback={fetching}>
            <It record={record} />
          </Suspense>
        )}
      </PieceFrame>
    );
  };
};

/** Starts loading the screens of a piece before one is opened. */
export const loadAhead = (): void => void load().catch(() => undefined);

/** Opens a piece file; what reads it comes with the screens. */
export const openFile = async (file: Blob) => (await load()).openPieceFile(file);
