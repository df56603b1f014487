import { isFaceOnTop, startingAims, surfacesOf, type Piece, type Start } from '@obrik/core/piece';
import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { useChange } from '@/api/usePiece';
import {
  Card,
  Heading,
  MainButton,
  PlainButton,
  Screen,
  Small,
  Subheading,
  Columns,
} from '@/ui/controls';

interface StartRow {
  readonly start: Start;
  readonly title: string;
  readonly says: string;
  /** Only for pieces with a top or a seat. */
  readonly withTop: boolean;
}

const ROWS: readonly StartRow[] = [
  {
    start: 'paint',
    title: 'Paint it',
    says: 'Everything that shows, in one colour.',
    withTop: false,
  },
  {
    start: 'wood',
    title: 'Show the wood',
    says: 'Clear finish on everything that shows.',
    withTop: false,
  },
  {
    start: 'woodTop',
    title: 'Wood top, painted body',
    says: 'Clear finish on the top, paint on the rest.',
    withTop: true,
  },
  {
    start: 'freshen',
    title: 'Freshen it up',
    says: 'Clean and renew what is on it.',
    withTop: false,
  },
];

interface StartingPointsProps {
  readonly piece: Piece;
  readonly back: { readonly title: string; readonly onPress: () => void };
  readonly children: ReactNode;
}

/** What people usually want of a whole piece: one tap gives every surface a finish, and a route. */
export const StartingPoints = ({ piece, back, children }: StartingPointsProps) => {
  const router = useRouter();
  const change = useChange();
  const surfaces = surfacesOf(piece);
  const hasTop = surfaces.some(isFaceOnTop) && surfaces.some((it) => !isFaceOnTop(it));
  const begin = async ({ start, title }: StartRow) => {
    const done = await change(
      piece.id,
      {
        kind: 'aim',
        surfaceIds: surfaces.map((it) => it.id),
        aims: [...startingAims(piece, start)],
      },
      `${title}: every surface has a finish now.`,
    );
    if (done) router.navigate(`/pieces/${piece.id}/route`);
  };
  return (
    <Screen>
      <Heading>What do you want to do with it?</Heading>
      {children}
      {piece.aims.length > 0 ? (
        <Card style={{ gap: 8 }}>
          <Subheading>Finishes are chosen already</Subheading>
          <MainButton
            title="See the route"
            onPress={() => router.navigate(`/pieces/${piece.id}/route`)}
          />
        </Card>
      ) : (
        <Columns>
          {ROWS.filter((it) => hasTop || !it.withTop).map((it) => (
            <Card key={it.start} style={{ gap: 8 }}>
              <MainButton title={it.title} onPress={() => void begin(it)} />
              <Small>{it.says}</Small>
            </Card>
          ))}
        </Columns>
      )}
      <Small>
        Back, inside and drawer boxes stay as they are. You can change any surface afterwards.
      </Small>
      <PlainButton
        title="Choose finishes surface by surface"
        onPress={() => router.navigate(`/pieces/${piece.id}/aim`)}
      />
      <PlainButton title={back.title} onPress={back.onPress} />
    </Screen>
  );
};
