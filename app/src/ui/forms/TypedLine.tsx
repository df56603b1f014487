import { Input } from '@rneui/themed';
import { useState } from 'react';

interface TypedLineProps {
  readonly label: string;
  readonly value: string;
  /** Stores what was typed; says what is wrong with it, or nothing. */
  readonly onStore: (typed: string) => string | undefined;
  readonly placeholder?: string;
  /** A figure: the phone shows its keys for figures. */
  readonly decimal?: boolean;
}

const Line = ({ label, value, onStore, placeholder, decimal = false }: TypedLineProps) => {
  const [typed, setTyped] = useState(value);
  const [problem, setProblem] = useState<string>();
  const store = () => {
    if (typed !== value) setProblem(onStore(typed));
  };
  return (
    <Input
      label={label}
      aria-label={label}
      value={typed}
      onChangeText={setTyped}
      inputMode={decimal ? 'decimal' : 'text'}
      onBlur={store}
      onSubmitEditing={store}
      errorMessage={problem ?? ''}
      {...(placeholder === undefined ? {} : { placeholder })}
    />
  );
};

/**
 * A line that is stored when it is left; what can't be read stays typed, with what to do about it.
 * Where the value becomes another elsewhere, that is shown.
 */
export const TypedLine = (it: TypedLineProps) => <Line key={it.value} {...it} />;
