import { dayInWords } from '@obrik/core/clock';
import { MATERIALS } from '@obrik/core/catalog';
import type { Stocked, StockedPart } from '@obrik/core/piece';
import { litresOf, type OnHand } from '@obrik/core/supply';
import { SUPPLY_WORDS, quantityInWords, sizeInWords } from '@obrik/core/words';
import { useState } from 'react';
import { View } from 'react-native';
import { useShop } from '@/api/usePiece';
import { shopNow } from '@/device';
import { MoneyLine } from '@/features/shared/MoneyLine';
import { useMaterialName } from '@/features/shared/useMaterialName';
import { figureOf } from '@/features/shared/figureOf';
import { useTimes } from '@/features/shared/useTimes';
import { Alarm, Body, Card, Label, OpenRow, PlainButton, Small, Strong, Tag } from '@/ui/controls';
import { FigureField, TypedLine } from '@/ui/forms';
import { usePalette } from '@/ui/theme';

/** A code is not broken at the end of a line. */
const NO_BREAK = '\u00a0';

/** "3 Oct 2026" */

interface StockRowProps {
  readonly it: OnHand;
  readonly onStore: (part: StockedPart, said: string) => void;
}

/** By eye: as full as a can looks. */
const BY_EYE = [
  { title: 'Full', share: 1 },
  { title: '¾', share: 0.75 },
  { title: '½', share: 0.5 },
  { title: '¼', share: 0.25 },
  { title: 'Empty', share: 0 },
] as const;

/** What is left by the scale: the can with what is in it, less the empty can. */
const ByScale = ({
  container,
  onLeft,
}: {
  readonly container: Stocked;
  readonly onLeft: (left: number) => void;
}) => {
  const { unit, density } = MATERIALS.get(container.material);
  const [gross, setGross] = useState('');
  const [empty, setEmpty] = useState('');
  const [wrong, setWrong] = useState<string>();
  if (unit !== 'kg' && (unit !== 'L' || density === null)) return null;
  const save = () => {
    const net = figureOf(gross) - figureOf(empty || '0');
    if (!(net >= 0)) return setWrong('Weigh the can as it is, and an empty one like it, in kg.');
    const left = unit === 'kg' ? net : litresOf(net, density ?? 1);
    if (left > container.size * 1.1) {
      return setWrong('That is more than it holds: was the empty can taken off?');
    }
    setWrong(undefined);
    onLeft(Math.min(container.size, left));
  };
  return (
    <>
      <Label>By the scale</Label>
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <FigureField label="As it is, kg" typed={gross} onType={setGross} style={{ flex: 1 }} />
        <FigureField label="Empty can, kg" typed={empty} onType={setEmpty} style={{ flex: 1 }} />
      </View>
      <Alarm text={wrong} />
      <PlainButton title="Take that" label="Take what the scale says" onPress={save} />
      {unit === 'L' ? (
        <Small>Reckoned with {density} kg a litre; the label may know better.</Small>
      ) : null}
    </>
  );
};

/** One container: how much is left in it, how long it is good, where it stands. */
export const StockRow = ({ it, onStore }: StockRowProps) => {
  const times = useTimes();
  const { units } = useShop();
  const nameOf = useMaterialName();
  const palette = usePalette();
  const [open, setOpen] = useState(false);
  const { container, left, state, low, overdrawn, keepsUntil } = it;
  const { unit } = MATERIALS.get(container.material);
  const name = nameOf(container.material, container.colour);
  const seen = (amount: number, seenBy: Stocked['seenBy']) =>
    onStore(
      { id: container.id, left: amount, seenBy, seenAt: shopNow().toISOString() },
      `${name}: ${quantityInWords(amount, unit, units)} left.`,
    );
  return (
    <Card
      edge={state === 'expired' || overdrawn ? 'vermilion' : undefined}
      style={{ paddingVertical: 0, paddingHorizontal: 12 }}
    >
      <OpenRow
        label={`${name}: ${quantityInWords(left, unit, units)} left`}
        expanded={open}
        onPress={() => setOpen(!open)}
        style={{ paddingVertical: 10, gap: 4 }}
      >
        <Strong>{name}</Strong>
        <View aria-hidden style={{ height: 10, backgroundColor: palette.line }}>
          <View
            style={{
              height: 10,
              width: `${Math.min(100, (100 * left) / container.size)}%`,
              backgroundColor: state === 'expired' ? palette.vermilion : palette.slate,
            }}
          />
        </View>
        <Small>
          {quantityInWords(left, unit, units)} of {sizeInWords(container.size, unit, units)}
          {container.openedOn ? ` · opened ${dayInWords(container.openedOn)}` : ' · closed'}
          {container.place ? ` · ${container.place}` : ''}
          {container.code ? ` · ${container.code.replaceAll(' ', NO_BREAK)}` : ''}
        </Small>
        {SUPPLY_WORDS.states[state] ? (
          <Tag
            text={`${SUPPLY_WORDS.states[state]}${keepsUntil && state !== 'empty' ? `: ${dayInWords(keepsUntil)}` : ''}`}
            tone={state === 'expired' ? 'vermilion' : 'amber'}
          />
        ) : null}
        {low && state !== 'empty' ? <Tag text={SUPPLY_WORDS.low} tone="amber" /> : null}
        {overdrawn ? <Body>{SUPPLY_WORDS.overdrawn}</Body> : null}
      </OpenRow>
      {open ? (
        <View style={{ gap: 8, paddingBottom: 12 }}>
          <Label heading>How much is left?</Label>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {BY_EYE.map(({ title, share }) => (
              <PlainButton
                key={title}
                title={title}
                label={`${name}, by eye: ${title}`}
                onPress={() => seen(container.size * share, 'eye')}
              />
            ))}
          </View>
          <ByScale container={container} onLeft={(amount) => seen(amount, 'weighed')} />
          <TypedLine
            label="Where it stands"
            value={container.place}
            onStore={(place) => {
              onStore({ id: container.id, place: place.slice(0, 60) }, 'Stored.');
              return undefined;
            }}
          />
          <TypedLine
            label="Code or lot on it"
            value={container.code}
            onStore={(code) => {
              onStore({ id: container.id, code: code.slice(0, 60) }, 'Stored.');
              return undefined;
            }}
          />
          <TypedLine
            label="Good until (like 2027-03-31)"
            value={container.keepsUntil ?? ''}
            placeholder={keepsUntil ?? ''}
            onStore={(typed) => {
              const day = typed.trim();
              if (day !== '' && (!/^\d{4}-\d\d-\d\d$/.test(day) || Number.isNaN(Date.parse(day))))
                return 'Give a day like 2027-03-31.';
              onStore({ id: container.id, keepsUntil: day === '' ? null : day }, 'Stored.');
              return undefined;
            }}
          />
          <MoneyLine
            label="Paid for it"
            value={container.paid}
            onStore={(paid) => onStore({ id: container.id, paid }, 'Stored.')}
          />
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {container.openedOn === null ? (
              <PlainButton
                title="Opened today"
                label={`Opened today: ${name}`}
                onPress={() =>
                  onStore({ id: container.id, openedOn: times.today() }, `${name}: opened.`)
                }
              />
            ) : null}
            <PlainButton
              title="Used up or thrown away"
              label={`Used up or thrown away: ${name}`}
              onPress={() =>
                onStore({ id: container.id, gone: true }, `${name}: out of the stock.`)
              }
            />
          </View>
        </View>
      ) : null}
    </Card>
  );
};
