import { useState } from 'react';
import { View } from 'react-native';
import { Body, BenchButton, Small } from '@/ui/controls';

/** So big that it is read at arm's length. */
const SIZE = 24;

/** How a step is done, one line at a time: no scrolling with wet gloves. */
export const HowLines = ({ lines }: { readonly lines: readonly string[] }) => {
  const [at, setAt] = useState(0);
  const here = Math.min(at, lines.length - 1);
  const go = (to: number) => setAt(Math.max(0, Math.min(lines.length - 1, to)));
  return (
    <View style={{ gap: 10 }}>
      <View role="status" style={{ minHeight: 120, justifyContent: 'center' }}>
        <Body style={{ fontSize: SIZE, lineHeight: SIZE * 1.35 }}>{lines[here]}</Body>
      </View>
      {lines.length > 1 ? (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
          <BenchButton
            title="‹"
            label="Line before"
            disabled={here === 0}
            style={{ flex: 1 }}
            onPress={() => go(here - 1)}
          />
          <Small>
            {here + 1} of {lines.length}
          </Small>
          <BenchButton
            title="›"
            label="Next line"
            disabled={here === lines.length - 1}
            style={{ flex: 1 }}
            onPress={() => go(here + 1)}
          />
        </View>
      ) : null}
    </View>
  );
};
