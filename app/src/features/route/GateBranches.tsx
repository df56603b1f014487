import type { Branch, Operation } from '@obrik/core/route';
import { View } from 'react-native';
import { changeInWords } from '@/features/compare/change';
import { Body, Card, PlainButton, Small, Strong } from '@/ui/controls';

interface GateBranchesProps {
  readonly gate: NonNullable<Operation['gate']>;
  /** What each answer changes; undefined while it is reckoned. */
  readonly branches: readonly Branch[] | undefined;
  /** To where the answer is recorded. */
  readonly onRecord: () => void;
}

/** So many titles are named; the rest is counted. */
const NAMED = 5;

const named = (titles: readonly string[]): string =>
  titles.length > NAMED
    ? `${titles.slice(0, NAMED).join('; ')}; and ${titles.length - NAMED} more`
    : titles.join('; ');

/** An open question, and for each answer what the route becomes. */
export const GateBranches = ({ gate, branches, onRecord }: GateBranchesProps) => (
  <Card edge="amber" style={{ gap: 10 }}>
    <Strong>{gate.question}</Strong>
    {gate.answers.map(({ answer, then }, index) => {
      const branch = branches?.[index];
      const change = branch && changeInWords(branch);
      return (
        <View key={answer} style={{ gap: 2 }}>
          <Body>
            {answer}: {then}
          </Body>
          {change ? <Small>{change}</Small> : null}
          {branch && branch.refuses.length > 0 ? (
            <Small>Refused then: {named(branch.refuses)}.</Small>
          ) : null}
          {branch && branch.adds.length > 0 ? <Small>Comes in: {named(branch.adds)}.</Small> : null}
          {branch && branch.drops.length > 0 ? (
            <Small>Drops out: {named(branch.drops)}.</Small>
          ) : null}
        </View>
      );
    })}
    <PlainButton title="Record the answer" onPress={onRecord} />
  </Card>
);
