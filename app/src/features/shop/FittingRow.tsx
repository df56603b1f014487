import type { ShoppingList } from '@obrik/core/supply';
import { showLength, type UnitSystem } from '@obrik/core/units';
import { View } from 'react-native';
import { useMoney } from '@/features/shared/useMoney';
import { Card, Option, Small, TitleRow } from '@/ui/controls';

interface FittingRowProps {
  readonly it: ShoppingList['fittings'][number];
  readonly pieceName: string;
  readonly units: UnitSystem;
  readonly onGot: (got: boolean) => void;
}

/** New fittings on the shopping list: what they cost, and one tick when they are bought. */
export const FittingRow = ({ it, pieceName, units, onGot }: FittingRowProps) => {
  const money = useMoney();
  const title = `${it.count} × ${it.name || it.kind}`;
  return (
    <Card>
      <TitleRow title={title} figure={it.price === null ? 'no price yet' : money.show(it.price)} />
      <Small>
        {pieceName} · {it.because}
        {it.holeSpacingMm === null ? '' : ` · hole spacing ${showLength(it.holeSpacingMm, units)}`}
      </Small>
      <View style={{ flexDirection: 'row' }}>
        <Option
          role="checkbox"
          title="Got it"
          label={`Got it: ${title}, ${pieceName}`}
          chosen={it.got}
          onPress={() => onGot(!it.got)}
        />
      </View>
    </Card>
  );
};
