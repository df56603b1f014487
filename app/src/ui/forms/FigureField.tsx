import { Input } from '@rneui/themed';
import { View, type ViewStyle } from 'react-native';
import { Small } from '../controls';

interface FigureFieldProps {
  readonly label: string;
  readonly typed: string;
  readonly onType: (typed: string) => void;
  /** What is wrong with it, beside the field. */
  readonly wrong?: string;
  readonly hint?: string;
  /** Words instead of a figure. */
  readonly text?: boolean;
  readonly onDone?: () => void;
  readonly style?: ViewStyle;
}

/** A figure that is typed; what was typed stays, whatever is wrong with it. */
export const FigureField = ({
  label,
  typed,
  onType,
  wrong,
  hint,
  text = false,
  onDone,
  style,
}: FigureFieldProps) => (
  <View style={{ gap: 2, ...style }}>
    <Input
      label={label}
      aria-label={label}
      aria-invalid={wrong !== undefined}
      value={typed}
      onChangeText={onType}
      onSubmitEditing={onDone}
      inputMode={text ? 'text' : 'decimal'}
      renderErrorMessage={wrong !== undefined}
      errorMessage={wrong}
      errorProps={{ role: 'alert' }}
    />
    {hint ? <Small>{hint}</Small> : null}
  </View>
);
