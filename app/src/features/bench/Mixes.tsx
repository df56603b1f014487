import { MATERIALS, MIX_ORDERS } from '@obrik/core/catalog';
import { surfaceNames, type Piece } from '@obrik/core/piece';
import { mixesFor, type Mix } from '@obrik/core/run';
import { mixOf } from '@obrik/core/supply';
import type { UnitSystem } from '@obrik/core/units';
import { BENCH_WORDS } from '@obrik/core/words';
import type { Task } from '@obrik/core/work';
import { useShop } from '@/api/usePiece';
import { View } from 'react-native';
import { Body, Card, Caution, Label, Small } from '@/ui/controls';

const inWords = (it: Mix, units: UnitSystem): string => {
  switch (it.kind) {
    case 'hardener':
      return BENCH_WORDS.mixes.hardener({ ...it, base: MATERIALS.get(it.base).label }, units);
    case 'parts':
      return BENCH_WORDS.mixes.parts(
        it.parts.map(({ name, of }) => ({ name: BENCH_WORDS.MIX_PARTS[name], of })),
        it.upTo,
      );
    case 'thinned':
      return BENCH_WORDS.mixes.thinned(MATERIALS.get(it.coating).label, it.by);
  }
};

/** The same in litres, for what this step takes. */
const amountsInWords = (it: Mix, total: number, units: UnitSystem): readonly string[] => {
  if (total <= 0) return [];
  if (it.kind === 'parts') {
    const words = BENCH_WORDS.mixes;
    const names = it.parts.map(({ name, of }) => ({
      name: BENCH_WORDS.MIX_PARTS[name],
      parts: of,
    }));
    const [first, last] = names;
    const thinnest =
      it.upTo !== null && first && last ? [first, { ...last, parts: it.upTo }] : null;
    return [names, ...(thinnest ? [thinnest] : [])].map((parts) =>
      words.amounts(total, mixOf(parts, total), units),
    );
  }
  return it.kind === 'thinned' && it.upTo !== null
    ? [BENCH_WORDS.mixes.added(total, it.upTo, units)]
    : [];
};

interface MixesProps {
  readonly piece: Piece;
  readonly tasks: readonly Task[];
}

/** How much to mix and how, and how much of a coat each surface takes. */
export const Mixes = ({ piece, tasks }: MixesProps) => {
  const { units, airCelsius } = useShop();
  const nameOf = surfaceNames(piece);
  const mixes = mixesFor(tasks, airCelsius);
  const litres = tasks.flatMap((it) =>
    it.traits.lays
      ? it.consumes
          .filter((one) => one.why === 'coats' && one.unit === 'L')
          .map((one) => ({ name: nameOf(it.surfaceIds[0] ?? ''), litres: one.quantity }))
      : [],
  );
  const total = litres.reduce((sum, it) => sum + it.litres, 0);
  const taken = new Set(tasks.flatMap((it) => it.consumes.map((one) => one.material)));
  const orders = MIX_ORDERS.filter((it) => taken.has(it.material));
  if (mixes.length === 0 && orders.length === 0 && litres.length < 2) return null;
  return (
    <Card style={{ gap: 6 }}>
      <Label heading>How much</Label>
      {mixes.map((it) => (
        <View key={JSON.stringify(it)} style={{ gap: 2 }}>
          <Body>{inWords(it, units)}</Body>
          {amountsInWords(it, total, units).map((words) => (
            <Small key={words}>{words}</Small>
          ))}
        </View>
      ))}
      {orders.map((it) => (
        <Caution key={it.material} text={it.text} lastWord="The label has the last word." />
      ))}
      {litres.length > 1 ? (
        <Body>
          {litres.map((it) => BENCH_WORDS.litresInWords(it.name, it.litres, units)).join(' · ')}
        </Body>
      ) : null}
      {mixes.length > 0 ? <Small>The label has the last word.</Small> : null}
    </Card>
  );
};
