import { View } from 'react-native';
import { PlainButton, Small } from '@/ui/controls';

interface MeterButtonProps {
  /** Which meter, for those who can't see what stands beside it. */
  readonly label?: string;
  readonly busy: boolean;
  /** What it showed last. */
  readonly says: string | undefined;
  readonly onPress: () => void;
}

/** Reads a meter, and says what it showed. */
export const MeterButton = ({ label, busy, says, onPress }: MeterButtonProps) => (
  <>
    <PlainButton
      title={busy ? 'Reading …' : 'Read the meter'}
      label={label}
      onPress={onPress}
      disabled={busy}
    />
    {says ? (
      <View role="status">
        <Small>{says}</Small>
      </View>
    ) : null}
  </>
);
