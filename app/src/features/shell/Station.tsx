import { useEffect, useState, type ComponentType, type ReactNode } from 'react';
import type { PieceLedger } from '@obrik/core/ledger';
import { Failure, Loading, Screen } from '@/ui/controls';
import { Boundary } from './Boundary';
import { loadStations, useStations, type Stations } from './stationsLoader';

/** What of the stations is a screen of its own. */
type ScreenName = {
  [N in keyof Stations]: N extends `${string}Screen` ? N : never;
}[keyof Stations];
/** Screens of a piece, by name. */
type OfPiece = {
  [N in ScreenName]: Parameters<Stations[N]>[0] extends { readonly record: unknown } ? N : never;
}[ScreenName];

/** Shows something of the stations; loads them first where they are not here yet. */
const Loaded = ({ show }: { readonly show: (stations: Stations) => ReactNode }) => {
  const stations = useStations();
  const [failed, setFailed] = useState(false);
  const load = () =>
    void loadStations().then(
      () => setFailed(false),
      () => setFailed(true),
    );
  useEffect(load, []);
  // Within the router: one that caught a screen from outside would take the router down with it.
  if (stations) return <Boundary>{show(stations)}</Boundary>;
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
        show={(stations) => {
          const It = stations[name] as ComponentType;
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
        show={(stations) => {
          const { PieceFrame } = stations;
          const It = stations[name] as ComponentType<{ readonly record: PieceLedger }>;
          return <PieceFrame bare={bare}>{(record) => <It record={record} />}</PieceFrame>;
        }}
      />
    );
  };
