import type { WhatItDoes } from '@obrik/core/schedule';
import { showDuration } from '@obrik/core/units';
import { CLOCK_WORDS } from '@obrik/core/words';
import { useTimes } from '@/features/shared/useTimes';
import { Body, Card, Small, Strong, TitleRow } from '@/ui/controls';

/** What an upset does to the plan, before it is taken. */
export const WhatChanges = ({
  does,
  now,
}: {
  readonly does: WhatItDoes | undefined;
  readonly now: number;
}) => {
  const times = useTimes();
  if (!does) {
    return (
      <Card>
        <Small>Planning with it …</Small>
      </Card>
    );
  }
  const { shifts, scuffs, stalled, next, before, after } = does;
  const day = (at: number | null): string => (at === null ? 'no finish date' : times.dayOf(at));
  const told = shifts.filter((it) => day(it.before) !== day(it.after));
  return (
    <Card style={{ gap: 6 }} edge="amber">
      <Strong>
        {told.length === 0
          ? 'No piece is done on another day.'
          : told.length === 1
            ? 'One piece is done on another day:'
            : `${told.length} pieces are done on another day:`}
      </Strong>
      {told.map((it) => (
        <TitleRow
          key={it.pieceId}
          title={it.name}
          figure={`${day(it.before)} → ${day(it.after)}`}
        />
      ))}
      {day(before) === day(after) ? null : (
        <Body>
          The whole bench: {day(before)} becomes {day(after)}.
        </Body>
      )}
      {scuffs > 0 ? <Body>{CLOCK_WORDS.moreScuffs(showDuration(scuffs))}</Body> : null}
      {stalled > 0 ? <Body>{CLOCK_WORDS.stalledBy(stalled)}</Body> : null}
      {next ? (
        <Small>
          Next then: {next.title}, {next.name}, {times.timeOf(next.at, now)}.
        </Small>
      ) : null}
    </Card>
  );
};
