import { colourName } from '@obrik/core/coating';
import type { CostLine, PieceCost } from '@obrik/core/money';
import { showDuration } from '@obrik/core/units';
import { quantityInWords } from '@obrik/core/words';
import { View } from 'react-native';
import { useShop } from '@/api/usePiece';
import { useMoney } from '@/features/shared/useMoney';
import { Card, Label, Small, TitleRow } from '@/ui/controls';

/** "planned 0.62 L · used 0.71 L" of a material. */
const Quantities = ({
  it,
  placeholder,
}: {
  readonly it: NonNullable<CostLine['material']>;
  readonly placeholder: boolean;
}) => {
  const { units } = useShop();
  const told = (quantity: number) => quantityInWords(quantity, it.unit, units);
  return (
    <Small>
      planned {told(it.planned)}
      {it.used === null ? '' : ` · used ${told(it.used)}`}
      {it.toCome > 0 && it.toCome < it.planned - 1e-9 ? ` · to come ${told(it.toCome)}` : ''}
      {placeholder ? ' · placeholder price' : ''}
    </Small>
  );
};

const Row = ({ it }: { readonly it: CostLine }) => {
  const money = useMoney();
  const colour = it.material?.colour;
  return (
    <View role="row">
      <View role="cell">
        <TitleRow
          title={colour ? `${it.label}, ${colourName(colour)}` : it.label}
          figure={`${money.show(it.planned)} · ${money.show(it.spent)}`}
        />
        {it.material ? <Quantities it={it.material} placeholder={it.placeholder} /> : null}
      </View>
    </View>
  );
};

/** A group of lines under its name, planned beside spent. */
const Group = ({
  title,
  lines,
}: {
  readonly title: string;
  readonly lines: readonly CostLine[];
}) =>
  lines.length === 0 ? null : (
    <Card style={{ gap: 10 }}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
        <Label heading>{title}</Label>
        <Label>planned · so far</Label>
      </View>
      <View role="table" aria-label={title} style={{ gap: 10 }}>
        {lines.map((it) => (
          <Row key={it.key} it={it} />
        ))}
      </View>
    </Card>
  );

/** The sums: planned beside what was spent, and what is still to come. */
export const CostSums = ({ cost }: { readonly cost: PieceCost }) => {
  const money = useMoney();
  const { hours } = cost;
  return (
    <Card style={{ gap: 6 }}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
        <Label heading>All in all</Label>
        <Label>planned · so far</Label>
      </View>
      <TitleRow title="Money" figure={`${money.show(cost.planned)} · ${money.show(cost.spent)}`} />
      <TitleRow
        title="Hours"
        figure={`${showDuration(hours.planned)} · ${showDuration(hours.done)}`}
      />
      {cost.toCome > 0 || hours.toCome > 0 ? (
        <Small>
          Still to come: {money.show(cost.toCome)} and {showDuration(hours.toCome)}.
        </Small>
      ) : null}
    </Card>
  );
};

const worth = (it: CostLine): number => Math.max(it.planned, it.spent);

/** What the piece costs, line by line: planned beside what was spent so far, the dearest first. */
export const CostRows = ({ cost }: { readonly cost: PieceCost }) => {
  const lines = [...cost.lines].sort((a, b) => worth(b) - worth(a));
  const of = (...kinds: readonly CostLine['kind'][]) =>
    lines.filter((it) => kinds.includes(it.kind));
  return (
    <>
      <Group title="Paid and other costs" lines={of('paid', 'extra', 'disposal', 'space')} />
      <Group title="Materials" lines={of('material')} />
      <Group title="Gloves, masks, filters" lines={of('worn')} />
    </>
  );
};
