import {
  addRow,
  frontInWords,
  meantAsLanes,
  readBody,
  removeCell,
  splitCell,
  textToFront,
  withFront,
  type Body,
  type Front,
} from '@obrik/core/piece';
import { View } from 'react-native';
import { Body as Text, Label, PlainButton, Small } from '@/ui/controls';
import { BuildDrawing } from '@/ui/drawings';
import { Field, Stepper } from '@/ui/forms';
import { bodyKey, frontLine } from '../pieceForm';
import type { Builder } from './useBuilder';

interface FrontFieldsProps {
  readonly builder: Builder;
  readonly body: Body;
}

const MOST_LANES = 20;
const MOST_CELLS = 12;
const PREVIEW = 160;

const lastIn = (front: Front, lane: number) => ({
  lane,
  index: (front.of[lane]?.cells.length ?? 1) - 1,
});

/** A front with so many lanes: the last one again, or gone. */
const withLanes = (front: Front, count: number): Front =>
  count > front.of.length
    ? addRow(front, front.of.length - 1)
    : { ...front, of: front.of.slice(0, count) };

/** A lane with so many cells: the last one in two, or gone. */
const withCells = (front: Front, lane: number, count: number): Front =>
  count > (front.of[lane]?.cells.length ?? 0)
    ? splitCell(front, lastIn(front, lane))
    : removeCell(front, lastIn(front, lane));

/** How a front is divided: by steppers first; in one line for those who type, which says what it understood before it counts. */
export const FrontFields = ({ builder, body }: FrontFieldsProps) => {
  const { form, change, values } = builder;
  const key = bodyKey(body.id);
  const { front } = readBody(body);
  const typed = values.fronts[key];
  if (!front) return null;
  const put = (how: (it: Front) => Front) => change((it) => withFront(it, body.id, how));
  const lane = front.lanes === 'columns' ? 'Column' : 'Row';
  const read = typed === undefined ? undefined : textToFront(typed);
  const understood = read && !('problem' in read) ? read : undefined;
  const meant = typed === undefined ? undefined : meantAsLanes(typed);
  const use = (it: Front) => put(() => it);
  return (
    <View style={{ gap: 10 }}>
      <Label>Front</Label>
      <Stepper
        label={`${lane}s`}
        value={front.of.length}
        least={1}
        most={MOST_LANES}
        onChange={(count) => put((it) => withLanes(it, count))}
      />
      {front.of.map((it, at) => (
        <Stepper
          // Lanes have no name but their place.
          key={`${lane} ${at + 1}`}
          label={`${lane} ${at + 1}: parts`}
          value={it.cells.length}
          least={1}
          most={MOST_CELLS}
          onChange={(count) => put((one) => withCells(one, at, count))}
        />
      ))}
      <Small>{frontInWords(front)}. Tap a part of the drawing to make it a door or a drawer.</Small>
      <Field
        control={form.control}
        name={`fronts.${key}`}
        label="Front, in one line"
        shownInstead={frontLine(body)}
        hint="Columns: door | 3 drawers | door. Rows: 2 drawers / drawer x2, twice as high. Also: open with 3 shelves, glazed door, panel."
      />
      {understood && JSON.stringify(understood) !== JSON.stringify(front) ? (
        <View role="status" style={{ gap: 8 }}>
          <Text>Understood: {frontInWords(understood)}.</Text>
          <BuildDrawing
            build={withFront(builder.build, body.id, () => understood)}
            maxHeight={PREVIEW}
            isChosen={() => false}
            onTap={() => undefined}
            label="Drawing of what was understood"
          />
          <PlainButton title="Use this front" onPress={() => use(understood)} />
          {meant ? (
            <PlainButton
              title={`I meant ${meant.lanes} rows`}
              onPress={() => {
                const rows = textToFront(meant.line);
                if (!('problem' in rows)) use(rows);
              }}
            />
          ) : null}
        </View>
      ) : null}
    </View>
  );
};
