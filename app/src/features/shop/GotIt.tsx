import { MATERIALS } from '@obrik/core/catalog';
import type { Stocked } from '@obrik/core/piece';
import { nameOfLine, type ShoppingLine } from '@obrik/core/supply';
import { quantityInWords } from '@obrik/core/words';
import { useState } from 'react';
import { View } from 'react-native';
import { useShop } from '@/api/usePiece';
import { useKept } from '@/features/shared/useKept';
import { useMoney } from '@/features/shared/useMoney';
import { figureOf } from '@/features/shared/figureOf';
import { useTimes } from '@/features/shared/useTimes';
import { Alarm, MainButton, Small } from '@/ui/controls';
import { FigureField, Stepper } from '@/ui/forms';
import { asBought } from './bought';

/** More than this of one thing nobody carries home. */
const MOST = 40;

interface GotOtherProps {
  readonly line: ShoppingLine;
  readonly onGot: (containers: readonly Stocked[]) => void;
}

/** The shop had another size, or another price. */
export const GotOther = ({ line, onGot }: GotOtherProps) => {
  const times = useTimes();
  const { units } = useShop();
  const money = useMoney();
  const [first] = line.bought;
  const unit = MATERIALS.get(line.material).unit;
  const [typed, keep, forget] = useKept(`got/${nameOfLine(line)}`, {
    size: first ? String(first.size) : '',
    price: first && !line.placeholder ? money.toTyped(first.price) : '',
    count: first?.count ?? 1,
  });
  const { size, price, count } = typed;
  const [wrong, setWrong] = useState<string>();
  const save = () => {
    const holds = figureOf(size);
    const paid = money.read(price);
    if (!(holds >= 0.001)) return setWrong(`How much does one hold? A figure in ${unit}.`);
    if (paid === undefined) return setWrong('Give the price like 12.40, or leave it empty.');
    setWrong(undefined);
    forget();
    onGot(asBought(line, holds, count, paid, times.today()));
  };
  return (
    <View style={{ gap: 8 }}>
      <Stepper
        label="containers"
        value={count}
        least={1}
        most={MOST}
        onChange={(it) => keep({ ...typed, count: it })}
      />
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <FigureField
          label={`Each holds, ${unit === 'm2' ? 'm²' : unit}`}
          typed={size}
          onType={(it) => keep({ ...typed, size: it })}
          style={{ flex: 1 }}
        />
        <FigureField
          label={`Price of one${money.mark}`}
          typed={price}
          onType={(it) => keep({ ...typed, price: it })}
          style={{ flex: 1 }}
        />
      </View>
      <Alarm text={wrong} />
      <MainButton title="Got these" label={`Got these: ${nameOfLine(line)}`} onPress={save} />
      <Small>
        Still missing: {quantityInWords(line.missing, line.unit, units)}. What you pay here also
        becomes your price for it.
      </Small>
    </View>
  );
};
