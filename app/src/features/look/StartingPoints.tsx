import {
  isFaceOnTop,
  startingAims,
  surfacesOf,
  type Piece,
  type StartingWay,
} from '@obrik/core/piece';
import { useRouter } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { colourName } from '@obrik/core/coating';
import { useChange } from '@/api/usePiece';
import { Swatches } from '@/features/aim/Swatches';
import { picked } from '@/features/aim/options';
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
  readonly start: StartingWay;
  readonly title: string;
  readonly says: string;
  /** Only for pieces with a top or a seat. */
  readonly withTop: boolean;
  /** Something is painted: no colour is picked unasked. */
  readonly isPainted: boolean;
}

const ROWS: readonly StartRow[] = [
  {
    start: 'paint',
    title: 'Paint it',
    says: 'Everything that shows, in one colour.',
    withTop: false,
    isPainted: true,
  },
  {
    start: 'wood',
    title: 'Show the wood',
    says: 'Clear finish on everything that shows.',
    withTop: false,
    isPainted: false,
  },
  {
    start: 'woodTop',
    title: 'Wood top, painted body',
    says: 'Clear finish on the top, paint on the rest.',
    withTop: true,
    isPainted: true,
  },
  {
    start: 'freshen',
    title: 'Freshen it up',
    says: 'Clean and renew what is on it.',
    withTop: false,
    isPainted: false,
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
  const [asked, setAsked] = useState<StartRow>();
  const [colour, setColour] = useState('');
  const begin = async ({ start, title }: StartRow, hex?: string) => {
    const done = await change(
      piece.id,
      {
        kind: 'aim',
        surfaceIds: surfaces.map((it) => it.id),
        aims: [...startingAims(piece, start, hex ? picked(hex) : {})],
      },
      `${title}: every surface has a finish now.`,
    );
    if (done) router.navigate(`/pieces/${piece.id}/route`);
  };
  if (asked) {
    return (
      <Screen
        foot={
          <MainButton
            title={colour ? `Paint it ${colourName(colour)}` : 'Choose a colour'}
            disabled={colour === ''}
            onPress={() => void begin(asked, colour)}
          />
        }
      >
        <Heading>Which colour?</Heading>
        <Swatches chosen={colour} onChoose={setColour} />
        <PlainButton title="Back" onPress={() => setAsked(undefined)} />
      </Screen>
    );
  }
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
              <MainButton
                title={it.title}
                onPress={() => (it.isPainted ? setAsked(it) : void begin(it))}
              />
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
