import { MATERIALS, aisleOf } from '@obrik/core/catalog';
import { colourName } from '@obrik/core/coating';
import { nameOfLine, type ShoppingLine } from '@obrik/core/supply';
import {
  containersInWords,
  needInWords,
  quantityInWords,
  sizeInWords,
  wholeInWords,
} from '@obrik/core/words';
import type { Stocked } from '@obrik/core/piece';
import { Pressable, View } from 'react-native';
import { useState } from 'react';
import { useShop } from '@/api/usePiece';
import { useMoney } from '@/features/shared/useMoney';
import {
  Body,
  Card,
  Figure,
  Label,
  OpenRow,
  Options,
  PlainButton,
  Small,
  Strong,
} from '@/ui/controls';
import { TypedLine } from '@/ui/forms';
import { RADIUS, usePalette } from '@/ui/theme';
import { CutSheets } from './CutSheets';
import { GotOther } from './GotIt';

/** What of a line can be said otherwise. */
export interface LineDeeds {
  readonly onGot: (line: ShoppingLine, containers?: readonly Stocked[]) => void;
  /** Null: as reckoned. */
  readonly onSay: ((line: ShoppingLine, quantity: number | null) => void) | undefined;
  readonly onTouchUp: (line: ShoppingLine, quantity: number) => void;
}

interface ShoppingRowProps extends LineDeeds {
  readonly line: ShoppingLine;
  readonly pieceName: (pieceId: string) => string;
}

/** Colour of a paint as a small square; its name stands beside it. */
const Swatch = ({ hex }: { readonly hex: string }) => {
  const palette = usePalette();
  return (
    <View
      aria-hidden
      style={{
        width: 18,
        height: 18,
        borderRadius: RADIUS,
        borderWidth: 1,
        borderColor: palette.ink2,
        backgroundColor: hex,
      }}
    />
  );
};

/** Litres beyond the need, for touching up. */
const TOUCH_UPS = ['0', '0.25', '1'] as const;

/** Did somebody say otherwise than is reckoned? */
const isSaid = ({ needed, reckoned }: ShoppingLine): boolean =>
  Math.abs(needed - reckoned) > 1e-6 * Math.max(1, reckoned);

/** Where the quantity comes from, step by step; and what somebody says instead. */
const Workings = ({ line, pieceName, onSay, onTouchUp, onGot }: ShoppingRowProps) => {
  const { units } = useShop();
  const isCoat = ['paint', 'clear'].includes(aisleOf(line.material));
  return (
    <View style={{ gap: 10, paddingBottom: 8 }}>
      <Label heading>Where it comes from</Label>
      {line.from.map((it) => (
        <View key={`${it.pieceId}/${it.operationId}`}>
          <Small>
            {pieceName(it.pieceId)} · {it.title}
          </Small>
          <Body>{needInWords(it, line.unit, units)}</Body>
        </View>
      ))}
      {isSaid(line) ? (
        <Small>
          Reckoned {quantityInWords(line.reckoned, line.unit, units)}; you said{' '}
          {quantityInWords(line.needed, line.unit, units)}.
        </Small>
      ) : null}
      {line.cut ? <CutSheets cut={line.cut} /> : null}
      {onSay ? (
        <TypedLine
          label={`I know better: all in all, ${line.unit === 'm2' ? 'm²' : line.unit}`}
          value={isSaid(line) ? String(Number(line.needed.toPrecision(4))) : ''}
          placeholder={String(Number(line.reckoned.toPrecision(2)))}
          decimal
          onStore={(typed) => {
            const figure = Number(typed.trim().replace(',', '.'));
            if (typed.trim() === '') onSay(line, null);
            else if (Number.isFinite(figure) && figure >= 0) onSay(line, figure);
            else return 'Give a figure, 0 or more.';
            return undefined;
          }}
        />
      ) : null}
      {isCoat ? (
        <>
          <Label>More for touching up</Label>
          <Options
            label={`More for touching up: ${nameOfLine(line)}`}
            options={TOUCH_UPS.map((value) => ({
              value,
              title: value === '0' ? 'None' : `+ ${sizeInWords(Number(value), 'L', units)}`,
            }))}
            chosen={TOUCH_UPS.find((it) => Number(it) === line.more)}
            onChoose={(it) => onTouchUp(line, Number(it))}
          />
        </>
      ) : null}
      {line.missing > 0 ? (
        <>
          <Label heading>Another size or price</Label>
          <GotOther line={line} onGot={(containers) => onGot(line, containers)} />
        </>
      ) : null}
    </View>
  );
};

/** One thing to buy: a box to tick for a thumb, what and how much, and its workings one tap away. */
export const ShoppingRow = (props: ShoppingRowProps) => {
  const { line, onGot } = props;
  const { units } = useShop();
  const money = useMoney();
  const palette = usePalette();
  const [open, setOpen] = useState(false);
  const name = nameOfLine(line);
  const toBuy = line.bought.length > 0;
  return (
    <Card style={{ padding: 0 }}>
      <View style={{ flexDirection: 'row', alignItems: 'stretch' }}>
        {toBuy ? (
          <Pressable
            role="checkbox"
            aria-checked={false}
            aria-label={`Got it: ${name}`}
            onPress={() => onGot(line)}
            style={{
              width: 64,
              minHeight: 64,
              alignItems: 'center',
              justifyContent: 'center',
              borderRightWidth: 2,
              borderRightColor: palette.line,
              borderStyle: 'dashed',
            }}
          >
            <View
              style={{
                width: 28,
                height: 28,
                borderWidth: 2,
                borderColor: palette.ink,
                borderRadius: RADIUS,
              }}
            />
          </Pressable>
        ) : null}
        <View style={{ flex: 1, paddingHorizontal: 12 }}>
          <OpenRow
            label={`${name}: ${toBuy ? containersInWords(line.bought, line.unit, units) : 'on hand'}`}
            expanded={open}
            onPress={() => setOpen(!open)}
            style={{ minHeight: 64, paddingVertical: 8, gap: 2 }}
          >
            <View
              style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', columnGap: 8 }}
            >
              {line.colour?.startsWith('#') ? <Swatch hex={line.colour} /> : null}
              <Strong style={{ flexGrow: 1, flexShrink: 1, flexBasis: 90 }}>
                {toBuy ? `${containersInWords(line.bought, line.unit, units)} ` : ''}
                {line.label}
                {line.colour === null ? '' : `, ${colourName(line.colour)}`}
              </Strong>
              {toBuy ? <Figure>{money.show(line.cost)}</Figure> : null}
            </View>
            <Small>
              need {wholeInWords(line.needed + line.more, line.unit, units)}
              {line.stocked > 0
                ? ` · on hand ${quantityInWords(line.stocked, line.unit, units)}`
                : ''}
              {toBuy && line.left > 0
                ? ` · ${quantityInWords(line.left, line.unit, units)} stays over`
                : ''}
              {toBuy && line.placeholder ? ' · placeholder price' : ''}
            </Small>
          </OpenRow>
        </View>
      </View>
      {open ? (
        <View style={{ paddingHorizontal: 12 }}>
          <Workings {...props} />
        </View>
      ) : null}
    </Card>
  );
};

interface InBasketProps {
  readonly containers: readonly Stocked[];
  readonly onBack: (it: Stocked) => void;
  readonly nameOf: (it: Stocked) => string;
}

/** What was bought today: ticked, and to be put back with one tap. */
export const InBasket = ({ containers, onBack, nameOf }: InBasketProps) => {
  const { units } = useShop();
  const money = useMoney();
  return (
    <>
      {containers.map((it) => (
        <Card
          key={it.id}
          style={{ flexDirection: 'row', alignItems: 'center', gap: 8, paddingVertical: 6 }}
        >
          <View style={{ flex: 1 }}>
            <Body>✓ {nameOf(it)}</Body>
            <Small>
              {sizeInWords(it.size, MATERIALS.get(it.material).unit, units)}
              {it.paid === null ? '' : ` · ${money.show(it.paid)}`}
            </Small>
          </View>
          <PlainButton
            title="Put back"
            label={`Put back: ${nameOf(it)}`}
            onPress={() => onBack(it)}
          />
        </Card>
      ))}
    </>
  );
};
