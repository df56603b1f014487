import {
  addRow,
  doorStyle,
  readBody,
  removeCell,
  setCell,
  splitCell,
  withFront,
  type Cell,
  type Front,
} from '@obrik/core/piece';
import { View } from 'react-native';
import { Label, Options, PlainButton, Small, Subheading } from '@/ui/controls';
import { Stepper } from '@/ui/forms';
import type { Builder } from './useBuilder';
import { CELL_NAMES, type ChosenPart } from './parts';

interface CellPanelProps {
  readonly builder: Builder;
  readonly at: Extract<ChosenPart, { of: 'cell' }>;
  readonly onClose: () => void;
}

const KINDS = (Object.keys(CELL_NAMES) as Cell['kind'][]).map((value) => ({
  value,
  title: CELL_NAMES[value],
}));
const STYLES = {
  plain: 'Plain',
  panelled: 'Panelled',
  glazed: 'Glazed',
  louvred: 'Louvred',
} as const;
const SETS = [
  { value: 'with', title: 'With the others' },
  { value: 'alone', title: 'By itself' },
] as const;

const SIZES = [
  { value: 'small', title: 'Smaller', factor: 1 / 1.25 },
  { value: 'large', title: 'Larger', factor: 1.25 },
] as const;

const freshSet = (front: Front): string => {
  const taken = new Set(front.of.flatMap((lane) => lane.cells.map((it) => it.set)));
  return ['b', 'c', 'd', 'e', 'f', 'g'].find((it) => !taken.has(it)) ?? 'h';
};

const inRange = (it: number): number => Math.min(20, Math.max(0.05, Math.round(it * 100) / 100));

/** One cell of a front: what fills it, how it is made, cut in two or taken away. */
export const CellPanel = ({ builder, at, onClose }: CellPanelProps) => {
  const body = builder.build.bodies.find((it) => it.id === at.bodyId);
  const front = body && readBody(body).front;
  const cell = front?.of[at.lane]?.cells[at.index];
  if (!front || !cell) return null;
  const columns = front.lanes === 'columns';
  const put = (how: (it: Front) => Front) => builder.change((it) => withFront(it, at.bodyId, how));
  const set = (told: Partial<Cell>) => put((it) => setCell(it, at, told));
  const lane = front.of[at.lane];
  return (
    <View style={{ gap: 12 }}>
      <Subheading>
        {columns
          ? `Column ${at.lane + 1}, row ${at.index + 1}`
          : `Row ${at.lane + 1}, place ${at.index + 1}`}
      </Subheading>
      <Options
        label="What is here?"
        options={KINDS}
        chosen={cell.kind}
        onChoose={(kind) => set({ kind })}
      />
      {cell.kind === 'door' ? (
        <>
          <Label>Door</Label>
          <Options
            label="How is the door made?"
            options={doorStyle.options.map((value) => ({ value, title: STYLES[value] }))}
            chosen={cell.style}
            onChoose={(style) => set({ style })}
          />
        </>
      ) : null}
      {cell.kind === 'door' || cell.kind === 'open' ? (
        <Stepper
          label={cell.kind === 'door' ? 'Shelves behind it' : 'Shelves in it'}
          value={cell.shelves}
          least={0}
          most={12}
          onChange={(shelves) => set({ shelves })}
        />
      ) : null}
      {cell.kind === 'open' ? null : (
        <>
          <Label>Looked at and finished</Label>
          <Options
            label="Looked at and finished"
            options={SETS}
            chosen={cell.set === '' ? 'with' : 'alone'}
            onChoose={(value) => set({ set: value === 'with' ? '' : freshSet(front) })}
          />
        </>
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {SIZES.map((it) => (
          <PlainButton
            key={it.value}
            title={it.title}
            disabled={(lane?.cells.length ?? 0) < 2 && front.of.length < 2}
            onPress={() =>
              (lane?.cells.length ?? 0) > 1
                ? set({ size: inRange(cell.size * it.factor) })
                : put((one) => ({
                    ...one,
                    of: one.of.map((own, index) =>
                      index === at.lane ? { ...own, size: inRange(own.size * it.factor) } : own,
                    ),
                  }))
            }
          />
        ))}
        <PlainButton
          title={columns ? 'Split in two rows' : 'Split side by side'}
          onPress={() => put((it) => splitCell(it, at))}
        />
        <PlainButton
          title={columns ? 'Add a column' : 'Add a row'}
          onPress={() => put((it) => addRow(it, at.lane))}
        />
        <PlainButton
          title="Remove"
          label="Remove this place"
          disabled={front.of.length === 1 && lane?.cells.length === 1}
          onPress={() => {
            put((it) => removeCell(it, at));
            onClose();
          }}
        />
        {front.of.length === 1 || front.of.every((it) => it.cells.length === 1) ? (
          <PlainButton
            title={columns ? 'Stack them instead' : 'Side by side instead'}
            onPress={() => {
              put((it) => turned(it));
              onClose();
            }}
          />
        ) : null}
      </View>
      <Small>A place that is split keeps its size; its halves can be changed one by one.</Small>
    </View>
  );
};

/** A front of one cell a lane, or of one lane, laid the other way. */
const turned = (it: Front): Front => ({
  lanes: it.lanes === 'columns' ? 'rows' : 'columns',
  of: it.of,
});
