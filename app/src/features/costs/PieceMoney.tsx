import type { AccountPart, Piece } from '@obrik/core/piece';
import { nanoid } from '@reduxjs/toolkit';
import { useState } from 'react';
import { View } from 'react-native';
import { useChange } from '@/api/usePiece';
import { MoneyLine } from '@/features/shared/MoneyLine';
import { useKept } from '@/features/shared/useKept';
import { useMoney } from '@/features/shared/useMoney';
import { Alarm, Body, Card, Label, PlainButton, Small } from '@/ui/controls';
import { FigureField } from '@/ui/forms';
import { Sale } from './Sale';

interface PieceMoneyProps {
  readonly piece: Piece;
}

type Store = (account: AccountPart, said: string) => void;

/** What else was paid for the piece: fittings, a glazier, fetching it. */
const Extras = ({ piece, onStore }: { readonly piece: Piece; readonly onStore: Store }) => {
  const money = useMoney();
  const { extras } = piece.account;
  const [draft, keep, forget] = useKept(`extra/${piece.id}`, { text: '', typed: '' });
  const { text, typed } = draft;
  const [wrong, setWrong] = useState<string>();
  const add = () => {
    const amount = money.read(typed);
    if (text.trim() === '') return setWrong('Say what it was for.');
    if (typeof amount !== 'number') return setWrong('Give an amount like 12.40.');
    setWrong(undefined);
    onStore(
      { extras: [...extras, { id: nanoid(), text: text.trim().slice(0, 80), amount }] },
      `${text.trim()}: put to the costs.`,
    );
    forget();
  };
  return (
    <View style={{ gap: 8 }}>
      <Label heading>Other costs</Label>
      {extras.map((it) => (
        <View key={it.id} style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
          <Body style={{ flex: 1 }}>
            {it.text}: {money.show(it.amount)}
          </Body>
          <PlainButton
            title="Remove"
            label={`Remove ${it.text}`}
            onPress={() =>
              onStore({ extras: extras.filter((one) => one.id !== it.id) }, `${it.text}: removed.`)
            }
          />
        </View>
      ))}
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <FigureField
          text
          label="What for, such as new knobs"
          typed={text}
          onType={(it) => keep({ ...draft, text: it })}
          style={{ flex: 3 }}
        />
        <FigureField
          label={`Amount${money.mark}`}
          typed={typed}
          onType={(it) => keep({ ...draft, typed: it })}
          style={{ flex: 2 }}
        />
      </View>
      <Alarm text={wrong} />
      <PlainButton title="Add this cost" onPress={add} />
    </View>
  );
};

/** The money of a piece: what was paid, what it may bring, what else it took, what it was sold for. */
export const PieceMoney = ({ piece }: PieceMoneyProps) => {
  const change = useChange();
  const { account } = piece;
  const store: Store = (part, said) =>
    void change(piece.id, { kind: 'account', account: part }, said);
  return (
    <>
      <Card style={{ gap: 4 }}>
        <Label heading>This piece</Label>
        <MoneyLine
          label="Paid for it"
          value={account.paid}
          onStore={(paid) => store({ paid }, 'Stored.')}
        />
        <MoneyLine
          label="Would bring as it stands"
          value={account.asItStands}
          onStore={(asItStands) => store({ asItStands }, 'Stored.')}
        />
        <MoneyLine
          label="Price hoped for, when it is done"
          value={account.price}
          onStore={(price) => store({ price }, 'Stored.')}
        />
        <Small>What is left empty is not reckoned with.</Small>
      </Card>
      <Card>
        <Extras piece={piece} onStore={store} />
      </Card>
      <Card>
        <Sale key={account.price} piece={piece} />
      </Card>
    </>
  );
};
