import { View } from 'react-native';
import { Body, Figure, PlainButton } from '../controls';

interface StepperProps {
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  /** How much a tap changes. */
  readonly step?: number;
  readonly onChange: (value: number) => void;
}

/** A whole number, changed by a little at a time: no keyboard for gloves. */
export const Stepper = ({ label, value, least, most, step = 1, onChange }: StepperProps) => (
  <View
    role="group"
    aria-label={label}
    style={{ flexDirection: 'row', alignItems: 'center', gap: 12, flexWrap: 'wrap' }}
  >
    <PlainButton
      title="−"
      label={`${label}: ${step === 1 ? 'one' : step} less`}
      disabled={value <= least}
      onPress={() => onChange(Math.max(least, value - step))}
    />
    <Figure style={{ fontSize: 25, minWidth: 34, textAlign: 'center' }}>{value}</Figure>
    <PlainButton
      title="+"
      label={`${label}: ${step === 1 ? 'one' : step} more`}
      disabled={value >= most}
      onPress={() => onChange(Math.min(most, value + step))}
    />
    <Body>{label}</Body>
  </View>
);
