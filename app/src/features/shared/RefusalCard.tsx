import type { Refusal } from '@obrik/core/route';
import { View } from 'react-native';
import { Body, Card, Label, Strong } from '@/ui/controls';
import { usePalette } from '@/ui/theme';

/** Something that will not be planned: why, and the ways out. */
export const RefusalCard = ({ refusal }: { readonly refusal: Refusal }) => {
  const { vermilion } = usePalette();
  return (
    <Card edge="vermilion" style={{ gap: 8 }}>
      <Strong style={{ color: vermilion, fontSize: 17 }}>✕ {refusal.title}</Strong>
      <Body>{refusal.because}</Body>
      <Label>Ways out</Label>
      <View style={{ gap: 2 }}>
        {refusal.waysOut.map((it) => (
          <Body key={it}>→ {it}</Body>
        ))}
      </View>
    </Card>
  );
};
