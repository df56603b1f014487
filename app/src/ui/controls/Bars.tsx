import { showPercent } from '@obrik/core/units';
import { View } from 'react-native';
import { usePalette } from '../theme';
import { Figure, Small } from './Words';

interface BarsProps {
  readonly rows: readonly { readonly label: string; readonly p: number }[];
}

/** Probabilities as bars, each with its figure. */
export const Bars = ({ rows }: BarsProps) => {
  const palette = usePalette();
  return (
    <View style={{ gap: 8 }}>
      {rows.map((it) => (
        <View key={it.label} style={{ gap: 3 }}>
          <View style={{ flexDirection: 'row', justifyContent: 'space-between', gap: 8 }}>
            <Small style={{ color: palette.ink, flex: 1 }}>{it.label}</Small>
            <Figure style={{ fontSize: 15 }}>{showPercent(it.p)}</Figure>
          </View>
          <View aria-hidden style={{ height: 8, backgroundColor: palette.line }}>
            <View
              style={{
                height: 8,
                width: `${Math.max(1, it.p * 100)}%`,
                backgroundColor: palette.slate,
              }}
            />
          </View>
        </View>
      ))}
    </View>
  );
};
