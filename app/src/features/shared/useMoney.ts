import { currencySign, moneyToTyped, showMoney, typedToMoney } from '@obrik/core/units';
import { useMemo } from 'react';
import { useShop } from '@/api/usePiece';

/** How this shop writes its money. */
export interface MoneyWords {
  readonly currency: string | null;
  /** " (€)", to stand behind a label; empty where no currency is set. */
  readonly mark: string;
  /** "€12.40" */
  readonly show: (minor: number) => string;
  /** As it stands in a field; empty for what nobody has said. */
  readonly toTyped: (minor: number | null) => string;
  /** What was typed; null for nothing, undefined where it is no money. */
  readonly read: (typed: string) => number | null | undefined;
}

export const useMoney = (): MoneyWords => {
  const { currency } = useShop().money;
  return useMemo(() => {
    const sign = currencySign(currency);
    return {
      currency,
      mark: sign ? ` (${sign})` : '',
      show: (minor) => showMoney(minor, currency),
      toTyped: (minor) => (minor === null ? '' : moneyToTyped(minor, currency)),
      read: (typed) => (typed.trim() === '' ? null : typedToMoney(typed, currency)),
    };
  }, [currency]);
};
