import { useEffect, useState, type ComponentType, type ReactNode } from 'react';
import type { PieceLedger } from '@obrik/core/ledger';
import { Failure, Loading, Screen } from '@/ui/controls';
import { Boundary } from './Boundary';
import { loadScreenBundle, useScreenBundle, type ScreenBundle } from './screenBundleLoader';

/** What of the screen bundle is a screen of its own. */
type ScreenName = {
  [N in keyof ScreenBundle]: N extends `${string}Screen` ? N : never;
}[keyof ScreenBundle];
/** Screens of a piece, by name. */
type OfPiece = {
  [N in ScreenName]: Parameters<ScreenBundle[N]>[0] extends { readonly record: unknown }
    ? N
    : never;
}[ScreenName];

/** Shows something of the screen bundle; loads it first where it is not here yet. */
const Loaded = ({ show }: { readonly show: (bundle: ScreenBundle) => ReactNode }) => {
  const bundle = useScreenBundle();
  const [failed, setFailed] = useState(false);
  const load = () =>
    void loadScreenBundle().then(
      () => setFailed(false),
      () => setFailed(true),
    );
  useEffect(load, []);
  // Within the router: one that caught a screen from outside would take the router down with it.
  if (bundle) return <Boundary>{show(bundle)}</Boundary>;
  return (
    <Screen narrow={failed}>
      {failed ? (
        <Failure
          text="This screen could not be fetched. What you recorded is safe; try again when the shop’s server can be reached."
          onRetry={load}
        />
      ) : (
        <Loading what="the screen" />
      )}
    </Screen>
  );
};

/** A screen that is no piece's, loaded when it is first shown. */
export const later = (name: Exclude<ScreenName, OfPiece>) =>
  function Later() {
    return (
      <Loaded
        show={(bundle) => {
          const It = bundle[name] as ComponentType;
          return <It />;
        }}
      />
    );
  };

/**
 * A screen of a piece, loaded when it is first shown, in the frame of the piece.
 * @param bare without the frame's head, for paper and tests
 */
export const station = (name: OfPiece, bare = false) =>
  function Station() {
    return (
      <Loaded
        show={(bundle) => {
          const { PieceFrame } = bundle;
          const It = bundle[name] as ComponentType<{ readonly record: PieceLedger }>;
          return <PieceFrame bare={bare}>{(record) => <It record={record} />}</PieceFrame>;
        }}
      />
    );
  };
