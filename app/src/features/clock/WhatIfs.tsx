import { DAY } from '@obrik/core/units';
import type { Piece, Shop } from '@obrik/core/piece';
import type { WhatItBrings } from '@obrik/core/schedule';
import { CLOCK_WORDS, counted } from '@obrik/core/words';
import { View } from 'react-native';
import { useTimes, type Times } from '@/features/shared/useTimes';
import { Card, Label, PlainButton, Small, TitleRow } from '@/ui/controls';
import { useWhatIfs } from '@/workers/useClock';

interface WhatIfsProps {
  readonly pieces: readonly Piece[];
  readonly shop: Shop;
  readonly now: number;
}

/** "−1.5 days", "no difference"; where one of the plans has no end, when the other ends. */
const inDays = ({ before, after }: WhatItBrings, times: Times): string => {
  if (after === null) return before === null ? 'still no finish date' : 'no finish date';
  if (before === null) return `finished ${times.dayOf(after)}`;
  const minutes = after - before;
  const days = Math.round((minutes / DAY) * 2) / 2;
  if (days === 0) return 'no difference';
  const figure = Math.abs(days);
  return `${days < 0 ? '−' : '+'}${counted(figure, 'day')}`;
};

/** What a heater, a second person or another day would bring, each as a difference in days. */
export const WhatIfs = ({ pieces, shop, now }: WhatIfsProps) => {
  const times = useTimes();
  const { brings, busy, ask } = useWhatIfs();
  return (
    <View style={{ gap: 8 }}>
      <Label heading>What if</Label>
      {brings === undefined ? (
        <PlainButton
          title={busy ? 'Planning the other ways …' : 'Compare: heater, second person, Sunday'}
          disabled={busy}
          onPress={() => ask(pieces, shop, now)}
        />
      ) : null}
      {brings?.map((it) => (
        <Card key={it.kind}>
          <TitleRow title={CLOCK_WORDS.whatIf[it.kind]} figure={inDays(it, times)} />
        </Card>
      ))}
      {brings ? <Small>Until the whole bench is done; each by itself.</Small> : null}
    </View>
  );
};
