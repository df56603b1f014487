import { TypedLine } from '@/ui/forms';
import { useMoney } from './useMoney';

interface MoneyLineProps {
  readonly label: string;
  /** Minor units; null where nobody has said. */
  readonly value: number | null;
  /** Stores what was typed; an emptied field is null. */
  readonly onStore: (value: number | null) => void;
}

/** A sum of money that is stored when the field is left. */
export const MoneyLine = ({ label, value, onStore }: MoneyLineProps) => {
  const money = useMoney();
  return (
    <TypedLine
      label={`${label}${money.mark}`}
      value={money.toTyped(value)}
      decimal
      onStore={(typed) => {
        const read = money.read(typed);
        if (read === undefined) return 'Give an amount like 12.40.';
        onStore(read);
        return undefined;
      }}
    />
  );
};
