import { quotePaper, type QuoteOption } from '@obrik/core/money';
import type { PieceRecord } from '@obrik/core/piece';
import { ticketNumber } from '@obrik/core/ticket';
import { showDuration } from '@obrik/core/units';
import { COST_WORDS, QUOTE_WORDS, percentOf } from '@obrik/core/words';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { pdfAddress } from '@/api/api';
import { useShop } from '@/api/usePiece';
import { shopNow } from '@/device';
import { days } from '@/features/shared/change';
import { useMoney } from '@/features/shared/useMoney';
import { useTimes } from '@/features/shared/useTimes';
import {
  Body,
  Card,
  Heading,
  Loading,
  MainButton,
  Option,
  PlainButton,
  Screen,
  Small,
  Subheading,
  Tag,
  TitleRow,
} from '@/ui/controls';
import { PaperSheet } from '@/ui/paper';
import { useClock } from '@/workers/useClock';
import { usePlan } from '@/workers/usePlan';

interface OptionCardProps {
  readonly it: QuoteOption;
  readonly chosen: boolean;
  readonly onToggle: () => void;
}

/** One way with its lines and its sum; in the quote or not. */
const OptionCard = ({ it, chosen, onToggle }: OptionCardProps) => {
  const money = useMoney();
  const { tax } = useShop().money;
  return (
    <Card
      edge={chosen ? 'ink' : undefined}
      style={{ gap: 6, flexGrow: 1, flexShrink: 1, flexBasis: 260, minWidth: 0, maxWidth: '100%' }}
    >
      <Subheading>{it.title}</Subheading>
      <Body>{it.because}</Body>
      {it.minutes > 0 ? (
        <Small>
          {showDuration(it.minutes)} of work · at least {days(it.days)}
        </Small>
      ) : null}
      {it.net === null || it.tax === null || it.total === null ? (
        <Tag text="no rate set" tone="vermilion" />
      ) : (
        <>
          {it.lines.map(({ kind, amount }) => (
            <TitleRow key={kind} title={COST_WORDS[kind]} figure={money.show(amount)} size={16} />
          ))}
          {it.tax > 0 ? (
            <TitleRow
              title={QUOTE_WORDS.tax(percentOf(tax))}
              figure={money.show(it.tax)}
              size={16}
            />
          ) : null}
          <TitleRow title={QUOTE_WORDS.total} figure={money.show(it.total)} size={22} />
        </>
      )}
      {it.placeholders ? <Tag text="with placeholder prices" tone="amber" /> : null}
      <Option
        role="checkbox"
        title="In the quote"
        label={`In the quote: ${it.title}`}
        chosen={chosen}
        onPress={onToggle}
      />
    </Card>
  );
};

/** A quote: ways for the client side by side, each priced; then the paper. */
export const QuoteScreen = ({ record }: { readonly record: PieceRecord }) => {
  const times = useTimes();
  const { piece, number } = record;
  const router = useRouter();
  const shop = useShop();
  const options = usePlan('quote', piece, shop);
  const { view, isFresh } = useClock();
  const promised = isFresh ? view?.promised.find((it) => it.pieceId === piece.id) : undefined;
  const [left, setLeft] = useState<readonly string[]>([]);
  const [showsPaper, setShowsPaper] = useState(false);
  if (!options)
    return (
      <Screen>
        <Loading what="the ways" doing="Working out" />
      </Screen>
    );
  const chosen = options.filter((it) => !left.includes(it.id));
  if (showsPaper) {
    const paper = quotePaper(chosen, shop, {
      name: piece.name,
      number: ticketNumber(number),
      writtenAt: shopNow().getTime(),
    });
    return (
      <PaperSheet
        paper={paper}
        pdf={`${pdfAddress(piece.id, 'quote')}?options=${chosen.map((it) => it.id).join(',')}`}
        back={{ label: 'Back to the ways', onPress: () => setShowsPaper(false) }}
      />
    );
  }
  return (
    <Screen
      foot={
        <MainButton
          title="Show the quote"
          disabled={chosen.length === 0}
          onPress={() => setShowsPaper(true)}
        />
      }
    >
      <Heading>Quote</Heading>
      <Body>
        The ways that you offer, side by side. Sums are what is still to be done; what you paid for
        the piece is not in them. Days: eight hours each, waits by the label.
      </Body>
      {promised?.by ? (
        <Body>
          As planned, in your hours and air, with everything else on the bench: done{' '}
          {times.dayOf(promised.by)} (9 in 10).
        </Body>
      ) : null}
      {shop.money.rateAnHour === null ? (
        <Card edge="vermilion" style={{ gap: 8 }}>
          <Body>{QUOTE_WORDS.notPriced}</Body>
          <PlainButton title="Set your rate" onPress={() => router.navigate('/shop/prices')} />
        </Card>
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        {options.map((it) => (
          <OptionCard
            key={it.id}
            it={it}
            chosen={!left.includes(it.id)}
            onToggle={() =>
              setLeft(left.includes(it.id) ? left.filter((id) => id !== it.id) : [...left, it.id])
            }
          />
        ))}
      </View>
    </Screen>
  );
};
