import type { Refusal } from '@obrik/core/route';
import { View } from 'react-native';
import { Body, Card, Label, Strong } from '@/ui/controls';
import { usePalette } from '@/ui/theme';

/** Something that is not planned, or planned with a warning: why, and the ways out. */
export const RefusalCard = ({ refusal }: { readonly refusal: Refusal }) => {
  const { vermilion, amber } = usePalette();
  const { blocks } = refusal;
  return (
    <Card edge={blocks ? 'vermilion' : 'ink'} style={{ gap: 8 }}>
      <Strong style={{ color: blocks ? vermilion : amber, fontSize: 17 }}>
        {blocks ? '✕' : '!'} {refusal.title}
      </Strong>
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
