import { View } from 'react-native';
import { Body, Figure, PlainButton } from '../controls';

interface StepperProps {
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly onChange: (value: number) => void;
}

/** A small whole number, changed by one at a time: no keyboard for gloves. */
export const Stepper = ({ label, value, least, most, onChange }: StepperProps) => (
  <View
    role="group"
    aria-label={label}
    style={{ flexDirection: 'row', alignItems: 'center', gap: 12, flexWrap: 'wrap' }}
  >
    <PlainButton
      title="−"
      label={`${label}: one less`}
      disabled={value <= least}
      onPress={() => onChange(Math.max(least, value - 1))}
    />
    <Figure style={{ fontSize: 25, minWidth: 34, textAlign: 'center' }}>{value}</Figure>
    <PlainButton
      title="+"
      label={`${label}: one more`}
      disabled={value >= most}
      onPress={() => onChange(Math.min(most, value + 1))}
    />
    <Body>{label}</Body>
  </View>
);
