import {
  INSPECTION_TESTS,
  VARIABLES,
  informs,
  labelOf,
  type InspectionTest,
  type Variable,
} from '@obrik/core/catalog';
import { ranked, type Belief, type SurfaceBeliefs } from '@obrik/core/inspect';
import type { Observation, Piece } from '@obrik/core/piece';
import type { PieceChange } from '@obrik/core/ledger';
import { useState } from 'react';
import { View } from 'react-native';
import { shopNow } from '@/device';
import { Bars, Body, Caution, Option, PlainButton, Small, Statement } from '@/ui/controls';
import { beliefInWords } from '@/features/shared/marks';
import { outcomeInWords } from '@obrik/core/words';

interface QuestionProps {
  readonly piece: Piece;
  readonly beliefs: SurfaceBeliefs;
  readonly variable: Variable;
  readonly title: string;
  readonly onChange: (change: PieceChange, done: string) => void;
  readonly renderTest: (test: InspectionTest) => React.ReactNode;
}

const testsFor = (variable: Variable): readonly InspectionTest[] =>
  INSPECTION_TESTS.filter((it) => it.kind === 'choice' && informs(it, variable));

const evidenceInWords = (piece: Piece, ids: readonly string[]): string =>
  piece.observations
    .filter((it: Observation) => ids.includes(it.id))
    .map(outcomeInWords)
    .join(' · ') || 'none';

/** The user says what it is; shown as a list of values. */
const KnowIt = ({
  belief,
  onKnow,
}: {
  readonly belief: Belief;
  readonly onKnow: (value: string) => void;
}) => (
  <View style={{ gap: 8 }}>
    <Small>Tap what you know it is. You can remove that again.</Small>
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {VARIABLES[belief.variable].values.map((it) => (
        <Option
          key={it.id}
          role="button"
          title={it.label}
          label={`I know: ${it.label}`}
          onPress={() => onKnow(it.id)}
        />
      ))}
    </View>
  </View>
);

/** One question about a surface: the statement, its bars, the evidence, the tests that answer it. */
export const Question = ({
  piece,
  beliefs,
  variable,
  title,
  onChange,
  renderTest,
}: QuestionProps) => {
  const [knows, setKnows] = useState(false);
  const belief = beliefs[variable];
  const { surfaceId } = beliefs;
  const statement = beliefInWords(belief);
  const tag =
    belief.conflicts.length > 0
      ? ({ text: '! conflict', tone: 'vermilion' } as const)
      : belief.settled
        ? ({ text: '✓ settled', tone: 'moss' } as const)
        : ({ text: '? open', tone: 'amber' } as const);
  const confirm = (value: string) => {
    setKnows(false);
    onChange(
      {
        kind: 'confirm',
        confirmation: { surfaceId, variable, value, at: shopNow().toISOString() },
      },
      `Confirmed: ${labelOf(variable, value)}.`,
    );
  };
  return (
    <Statement title={title} statement={statement} tag={tag}>
      <Bars
        rows={ranked<string>(belief.distribution)
          .slice(0, 3)
          .filter((it) => it.p >= 0.005)
          .map((it) => ({ label: labelOf(variable, it.value), p: it.p }))}
      />
      <Small>For: {evidenceInWords(piece, belief.speaksFor)}.</Small>
      <Small>Against: {evidenceInWords(piece, belief.speaksAgainst)}.</Small>
      {belief.conflicts.map((it) => (
        <Caution key={it.text} text={it.text} />
      ))}
      {belief.confirmed ? (
        <PlainButton
          title="Remove this"
          onPress={() =>
            onChange(
              { kind: 'unconfirm', surfaceId, variable },
              'Removed. The tests alone count again.',
            )
          }
        />
      ) : (
        <PlainButton
          title="I know this"
          label={`I know this: ${title}`}
          onPress={() => setKnows(!knows)}
        />
      )}
      {knows ? <KnowIt belief={belief} onKnow={confirm} /> : null}
      <Body>Tests that help:</Body>
      {testsFor(variable).map(renderTest)}
    </Statement>
  );
};
