import { MATERIALS } from '@obrik/core/catalog';
import { surfaceNames, type Piece } from '@obrik/core/piece';
import { mixesFor, type Mix } from '@obrik/core/run';
import type { UnitSystem } from '@obrik/core/units';
import { BENCH_WORDS } from '@obrik/core/words';
import type { Task } from '@obrik/core/work';
import { useShop } from '@/api/usePiece';
import { Body, Card, Label, Small } from '@/ui/controls';

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
  if (mixes.length === 0 && litres.length < 2) return null;
  return (
    <Card style={{ gap: 6 }}>
      <Label heading>How much</Label>
      {mixes.map((it) => (
        <Body key={JSON.stringify(it)}>{inWords(it, units)}</Body>
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
