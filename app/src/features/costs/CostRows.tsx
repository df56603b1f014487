import { colourName } from '@obrik/core/coating';
import type { CostLine, PieceCost } from '@obrik/core/money';
import { priceIn } from '@obrik/core/piece';
import { showDuration } from '@obrik/core/units';
import { quantityInWords } from '@obrik/core/words';
import { useState } from 'react';
import { View } from 'react-native';
import { useShop } from '@/api/usePiece';
import { useMoney } from '@/features/shared/useMoney';
import { Body, Card, Label, OpenRow, Small, TitleRow } from '@/ui/controls';

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

/** How a line comes about: quantity and price, or hours and rate. */
const Workings = ({ it, hours }: { readonly it: CostLine; readonly hours: PieceCost['hours'] }) => {
  const shop = useShop();
  const money = useMoney();
  if (it.material) {
    const { material, unit, planned, used } = it.material;
    const told = (quantity: number) => quantityInWords(quantity, unit, shop.units);
    const each = priceIn(shop.prices, material, 1);
    return (
      <>
        <Body>
          Planned: {told(planned)} at {money.show(each)} for {told(1)}.
        </Body>
        <Small>
          {used === null
            ? 'So far: as planned, since nobody wrote down what was used.'
            : `So far: ${told(used)} as written down at the bench, at what its container cost, else at the same price.`}
        </Small>
      </>
    );
  }
  if (it.kind === 'space')
    return (
      <Body>
        {showDuration(hours.planned)} planned, {showDuration(hours.done)} so far, at{' '}
        {money.show(shop.money.spaceAnHour ?? 0)} an hour.
      </Body>
    );
  return (
    <Body>
      {it.kind === 'disposal' ? 'Your figure for one piece, under Prices.' : 'As you said.'}
    </Body>
  );
};

interface RowProps {
  readonly it: CostLine;
  readonly hours: PieceCost['hours'];
}

const Row = ({ it, hours }: RowProps) => {
  const money = useMoney();
  const [open, setOpen] = useState(false);
  const colour = it.material?.colour;
  const name = colour ? `${it.label}, ${colourName(colour)}` : it.label;
  return (
    <View role="row">
      <View role="cell">
        <OpenRow
          label={`${name}: planned ${money.show(it.planned)}, so far ${money.show(it.spent)}`}
          expanded={open}
          onPress={() => setOpen(!open)}
        >
          <TitleRow title={name} figure={`${money.show(it.planned)} · ${money.show(it.spent)}`} />
          {it.material ? <Quantities it={it.material} placeholder={it.placeholder} /> : null}
        </OpenRow>
        {open ? <Workings it={it} hours={hours} /> : null}
      </View>
    </View>
  );
};

interface GroupProps {
  readonly title: string;
  readonly lines: readonly CostLine[];
  readonly hours: PieceCost['hours'];
}

/** A group of lines under its name, planned beside spent. */
const Group = ({ title, lines, hours }: GroupProps) =>
  lines.length === 0 ? null : (
    <Card style={{ gap: 4 }}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
        <Label heading>{title}</Label>
        <Label>planned · so far</Label>
      </View>
      <View role="table" aria-label={title}>
        {lines.map((it) => (
          <Row key={it.key} it={it} hours={hours} />
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
      <Group
        title="Paid and other costs"
        hours={cost.hours}
        lines={of('paid', 'extra', 'disposal', 'space')}
      />
      <Group title="Materials" hours={cost.hours} lines={of('material')} />
      <Group title="Gloves, masks, filters" hours={cost.hours} lines={of('worn')} />
    </>
  );
};
