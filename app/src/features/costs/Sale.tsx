import { dayInWords } from '@obrik/core/clock';
import type { AccountPart, Piece } from '@obrik/core/piece';
import { useState } from 'react';
import { View } from 'react-native';
import { useChange } from '@/api/usePiece';
import { useKept } from '@/features/shared/useKept';
import { useMoney } from '@/features/shared/useMoney';
import { useTimes } from '@/features/shared/useTimes';
import { Alarm, Body, Label, MainButton, PlainButton } from '@/ui/controls';
import { DayField, FigureField } from '@/ui/forms';

interface SaleProps {
  readonly piece: Piece;
  readonly onSold?: () => void;
}

/** The sale: what it brought, and what that cost. */
export const Sale = ({ piece, onSold }: SaleProps) => {
  const times = useTimes();
  const change = useChange();
  const money = useMoney();
  const { sold, price } = piece.account;
  const [draft, keep, forget] = useKept(`sale/${piece.id}`, {
    typed: money.toTyped(price),
    fees: '',
    on: times.today(),
  });
  const { typed, fees, on } = draft;
  const [wrong, setWrong] = useState<string>();
  const store = (part: AccountPart, said: string) =>
    change(piece.id, { kind: 'account', account: part }, said);
  if (sold)
    return (
      <View style={{ gap: 8 }}>
        <Label heading>Sold</Label>
        <Body>
          For {money.show(sold.price)} on {dayInWords(sold.on)}
          {sold.fees > 0 ? `, less ${money.show(sold.fees)} of fees` : ''}.
        </Body>
        <PlainButton
          title="It is not sold after all"
          onPress={() => void store({ sold: null }, 'Not sold after all.')}
        />
      </View>
    );
  const save = async () => {
    const got = money.read(typed);
    const less = money.read(fees);
    if (typeof got !== 'number') return setWrong('Give the price like 420.00.');
    if (less === undefined) return setWrong('Give the fees like 12.40, or leave them empty.');
    setWrong(undefined);
    const sale = { price: got, on: on || times.today(), fees: less ?? 0 };
    if (!(await store({ sold: sale }, `Sold for ${money.show(got)}.`))) return;
    forget();
    onSold?.();
  };
  return (
    <View style={{ gap: 8 }}>
      <Label heading>Sold?</Label>
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <FigureField
          label={`Sold for${money.mark}`}
          typed={typed}
          onType={(it) => keep({ ...draft, typed: it })}
          style={{ flex: 1 }}
        />
        <FigureField
          label={`Fees, delivery${money.mark}`}
          typed={fees}
          onType={(it) => keep({ ...draft, fees: it })}
          style={{ flex: 1 }}
        />
      </View>
      <DayField label="Day of the sale" day={on} onChoose={(it) => keep({ ...draft, on: it })} />
      <Alarm text={wrong} />
      <MainButton title="It is sold" onPress={() => void save()} />
    </View>
  );
};
