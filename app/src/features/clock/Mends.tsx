import type { AirMend } from '@obrik/core/climate';
import { CLOCK_WORDS } from '@obrik/core/words';
import { View } from 'react-native';
import { useShop } from '@/api/usePiece';
import { useTimes } from '@/features/shared/useTimes';
import { Small } from '@/ui/controls';

/** What would mend the air, a line each. */
export const Mends = ({ of, now }: { readonly of: readonly AirMend[]; readonly now: number }) => {
  const times = useTimes();
  const { units } = useShop();
  return of.length === 0 ? null : (
    <View style={{ gap: 2 }}>
      {of.map((it) => (
        <Small key={it.kind}>{CLOCK_WORDS.mend(it, (at) => times.timeOf(at, now), units)}</Small>
      ))}
    </View>
  );
};
