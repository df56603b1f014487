import { View } from 'react-native';
import { usePalette } from '../theme';
import { Body, Small } from './Words';

interface CautionProps {
  readonly text: string;
  /** Who has the last word: label, local code. */
  readonly lastWord?: string;
}

/** What can hurt, edged in vermilion. */
export const Caution = ({ text, lastWord }: CautionProps) => {
  const { vermilion } = usePalette();
  return (
    <View style={{ borderLeftWidth: 3, borderLeftColor: vermilion, paddingLeft: 10, gap: 2 }}>
      <Body style={{ color: vermilion }}>{text}</Body>
      {lastWord ? <Small>{lastWord}</Small> : null}
    </View>
  );
};
