import type { Piece } from '@obrik/core/piece';
import { ENDING_WORDS } from '@obrik/core/words';
import { useRouter } from 'expo-router';
import { useChange } from '@/api/usePiece';
import { Sale } from '@/features/costs/Sale';
import { useKept } from '@/features/shared/useKept';
import { useTimes } from '@/features/shared/useTimes';
import { Card, Label, MainButton, Option, RadioGroup } from '@/ui/controls';
import { DayField, FigureField } from '@/ui/forms';

const WORDS = ENDING_WORDS.lastLook;

type Way = 'handOver' | 'forSale' | 'sold';

/** What is chosen and typed, and not on record yet. */
interface Leaving {
  readonly way: Way;
  readonly on: string;
  readonly to: string;
}

/** How a piece leaves the bench: handed over with day and to whom, for sale, or sold. */
export const LeaveBench = ({ piece }: { readonly piece: Piece }) => {
  const times = useTimes();
  const router = useRouter();
  const change = useChange();
  const [typed, keep] = useKept<Leaving>(`leave/${piece.id}`, {
    way: 'handOver',
    on: times.today(),
    to: '',
  });
  const { way, on, to } = typed;
  const setWay = (it: Way) => keep({ ...typed, way: it });
  const day = on || times.today();
  const toStory = () => router.replace(`/pieces/${piece.id}/story`);
  const handOver = async () => {
    const ending = { kind: 'handedOver' as const, on: day, to: to.trim().slice(0, 120) };
    if (await change(piece.id, { kind: 'end', ending }, `${piece.name}: handed over.`)) toStory();
  };
  const offer = async () => {
    const ending = { kind: 'forSale' as const, since: day };
    if (await change(piece.id, { kind: 'end', ending }, `${piece.name}: for sale.`)) toStory();
  };
  return (
    <Card edge="ink" style={{ gap: 12 }}>
      <Label heading>Where does it go?</Label>
      <RadioGroup label="Where does it go?">
        <Option
          title={WORDS.handOver}
          chosen={way === 'handOver'}
          onPress={() => setWay('handOver')}
        />
        <Option
          title={WORDS.forSale}
          chosen={way === 'forSale'}
          onPress={() => setWay('forSale')}
        />
        <Option title="Sold" chosen={way === 'sold'} onPress={() => setWay('sold')} />
      </RadioGroup>
      {way === 'sold' ? (
        <Sale piece={piece} onSold={toStory} />
      ) : (
        <>
          <DayField label="Day" day={on} onChoose={(it) => keep({ ...typed, on: it })} />
          {way === 'handOver' ? (
            <FigureField
              text
              label={WORDS.to}
              typed={to}
              onType={(it) => keep({ ...typed, to: it })}
            />
          ) : null}
          <MainButton
            title={way === 'handOver' ? 'Hand it over' : 'Offer for sale'}
            onPress={() => void (way === 'handOver' ? handOver() : offer())}
          />
        </>
      )}
    </Card>
  );
};
