import { RISKS } from '@obrik/core/route';
import type { Decision } from '@obrik/core/money';
import { showPercent } from '@obrik/core/units';
import { DECISION_WORDS, tipInWords } from '@obrik/core/words';
import { changeInWords, signed } from '@/features/shared/change';
import { useMoney } from '@/features/shared/useMoney';
import { Body, Card, Label, Small, Strong } from '@/ui/controls';

/** A decision with what the second way takes more or less, and what tips it. */
const DecisionCard = ({ it }: { readonly it: Decision }) => {
  const money = useMoney();
  const { question, b } = DECISION_WORDS[it.id];
  const change = changeInWords(it.more, money.currency);
  return (
    <Card edge="amber" style={{ gap: 4 }}>
      <Strong>{question}</Strong>
      <Body>
        {b}: {change || 'no difference'}
        {it.total !== null && it.more.minutes !== 0
          ? `, at your rate ${signed(it.total, money.show(Math.abs(it.total)))} in all`
          : ''}
        .
      </Body>
      <Body>{tipInWords(it.id, it.tip, money.currency)}</Body>
      {it.risks.length > 0 ? (
        <Small>
          {it.risks
            .map(
              (one) =>
                `${RISKS[one.kind]} ${signed(one.change, showPercent(Math.abs(one.change)))}`,
            )
            .join('; ')}
        </Small>
      ) : null}
      {it.total === null && it.more.minutes !== 0 ? (
        <Small>Your hour has no price yet: only the money is counted.</Small>
      ) : null}
    </Card>
  );
};

/** What money decides on this piece. */
export const Decisions = ({ list }: { readonly list: readonly Decision[] }) =>
  list.length === 0 ? null : (
    <>
      <Label heading>What money decides</Label>
      {list.map((it) => (
        <DecisionCard key={it.id} it={it} />
      ))}
    </>
  );
