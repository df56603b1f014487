import type { AirNow } from '@obrik/core/schedule';
import type { UnitSystem } from '@obrik/core/units';
import { CLOCK_WORDS } from '@obrik/core/words';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useTimes } from '@/features/shared/useTimes';
import { Body, Figure, PlainButton, Small } from '@/ui/controls';
import { RADIUS, usePalette } from '@/ui/theme';
import { Mends } from './Mends';

interface AirCardProps {
  readonly airs: readonly AirNow[];
  readonly now: number;
  readonly units: UnitSystem;
}

/** The air now and what it means, in one sentence for each space. */
export const AirCard = ({ airs, now, units }: AirCardProps) => {
  const times = useTimes();
  const palette = usePalette();
  const router = useRouter();
  return (
    <View
      style={{ backgroundColor: palette.slateSoft, borderRadius: RADIUS, padding: 12, gap: 10 }}
    >
      {airs.map((it) => (
        <View key={it.spaceId} style={{ gap: 2 }}>
          <View style={{ flexDirection: 'row', justifyContent: 'space-between', gap: 8 }}>
            <Small style={{ color: palette.ink }}>{it.name}</Small>
            <Figure style={{ color: palette.slate }}>
              {CLOCK_WORDS.figures(it.air.celsius, it.air.humidity, units)}
            </Figure>
          </View>
          <Body style={{ color: palette.ink }}>
            {CLOCK_WORDS.air({
              slower: it.slower,
              wrong: it.wrong.map((one) => one.kind),
              changes: it.changesAt === null ? null : times.timeOf(it.changesAt, now),
              then: it.then.map((one) => one.kind),
            })}
          </Body>
          {/* What is fine again soon is said already. */}
          <Mends of={it.mends.filter((one) => one.kind !== 'wait')} now={now} />
        </View>
      ))}
      <PlainButton title="Air of the next days" onPress={() => router.navigate('/air')} />
    </View>
  );
};
