import type { Piece, Shop } from '@obrik/core/piece';
import type { TriedRemedy } from '@obrik/core/schedule';
import { CLOCK_WORDS } from '@obrik/core/words';
import { View } from 'react-native';
import { useTimes } from '@/features/shared/useTimes';
import { Body, Card, PlainButton, Small, Strong, TitleRow } from '@/ui/controls';
import { useAirHelp } from '@/workers/useClock';
import { usePutRecorded } from './usePutRecorded';

interface AirHelpCardProps {
  readonly piece: Piece;
  readonly pieces: readonly Piece[];
  readonly shop: Shop;
  /** The plan says that the air holds something up on it. */
  readonly isHeld: boolean;
}

/** Where the air holds a piece up: what is wrong, about until when, and what would help, each with its date. */
export const AirHelpCard = ({ piece, pieces, shop, isHeld }: AirHelpCardProps) => {
  const times = useTimes();
  const put = usePutRecorded();
  const { help, busy } = useAirHelp(piece.id, pieces, shop, isHeld);
  if (!isHeld) return null;
  if (busy) {
    return (
      <Card edge="amber">
        <Strong>{piece.name}: wrong air for coats</Strong>
        <Small>Trying out what would help …</Small>
      </Card>
    );
  }
  if (!help) return null;
  const { held, asItIs, tried } = help;
  const finished = (at: number | null): string =>
    at === null ? 'no finish date' : times.dayOf(at);
  return (
    <Card edge="amber" style={{ gap: 8 }}>
      <TitleRow title={`${piece.name}: wrong air for coats`} figure={finished(asItIs)} />
      <Body>
        {CLOCK_WORDS.heldByAir({
          ...held,
          until: held.until === null ? null : times.dayOf(held.until),
        })}
      </Body>
      {tried.length === 0 ? (
        <Small>No heater, room or other material would finish it sooner.</Small>
      ) : null}
      {tried.map((it: TriedRemedy) => {
        const { title, how, act } = CLOCK_WORDS.airRemedy(it.remedy, shop.units);
        return (
          <View key={title} style={{ gap: 4 }}>
            <TitleRow title={title} figure={finished(it.done)} />
            <Small>{how}</Small>
            <PlainButton
              title={act}
              label={`${act}: ${title}, ${piece.name} finished ${finished(it.done)}`}
              onPress={() => void put(it.recorded, 'Schedule updated.')}
            />
          </View>
        );
      })}
    </Card>
  );
};
