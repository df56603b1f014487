import type { Branch } from '@obrik/core/case';
import type { Operation } from '@obrik/core/route';
import { View } from 'react-native';
import { changeInWords } from '@/features/shared/change';
import { Body, Card, MainButton, PlainButton, Small, Strong } from '@/ui/controls';

interface GateBranchesProps {
  /** As the shop writes its money. */
  readonly currency: string | null;
  readonly gate: NonNullable<Operation['gate']>;
  /** What each answer changes; undefined while it is reckoned. */
  readonly branches: readonly Branch[] | undefined;
  /** The surfaces that it is asked of; each has its own answer. */
  readonly places: readonly { readonly id: string; readonly name: string }[];
  /** To where the answer for a surface is recorded. */
  readonly onRecord: (surfaceId: string) => void;
  /** To where one answer for all of them is recorded, where one sample speaks for all. */
  readonly onRecordForAll?: () => void;
}

/** So many titles are named; the rest is counted. */
const NAMED = 5;

const named = (titles: readonly string[]): string =>
  titles.length > NAMED
    ? `${titles.slice(0, NAMED).join('; ')}; and ${titles.length - NAMED} more`
    : titles.join('; ');

/** An open question, and for each answer what the route becomes. */
export const GateBranches = ({
  gate,
  branches,
  places,
  currency,
  onRecord,
  onRecordForAll,
}: GateBranchesProps) => (
  <Card edge="amber" style={{ gap: 10 }}>
    <Strong>{gate.question}</Strong>
    {gate.answers.map(({ answer, then }, index) => {
      const branch = branches?.[index];
      const change = branch && changeInWords(branch, currency);
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
    {onRecordForAll && places.length > 1 ? (
      <MainButton title={`Record one answer for all ${places.length}`} onPress={onRecordForAll} />
    ) : null}
    {places.length > 1 ? (
      <Small>
        {onRecordForAll
          ? 'One does not look like the others? Then it has its own answer:'
          : 'Each of these has its own answer:'}
      </Small>
    ) : null}
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {places.map(({ id, name }) => (
        <PlainButton
          key={id}
          title={places.length === 1 ? 'Record the answer' : name}
          label={`Record the answer${places.length === 1 ? '' : `: ${name}`}`}
          onPress={() => onRecord(id)}
        />
      ))}
    </View>
  </Card>
);
