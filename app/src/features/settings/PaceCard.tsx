import { learnPaces, PHASES, timedIn } from '@obrik/core/work';
import { capital } from '@obrik/core/words';
import { useMemo } from 'react';
import { useBenchQuery } from '@/api/api';
import { Body, Card, Label, Small, TitleRow } from '@/ui/controls';

const times = (ratio: number): string => `${ratio.toFixed(1)} ×`;

/** How long each kind of work takes here against the plan, by what was timed. */
export const PaceCard = () => {
  const { data } = useBenchQuery();
  const jobs = useMemo(() => data?.flatMap(({ piece }) => timedIn(piece.done)) ?? [], [data]);
  const paces = useMemo(() => learnPaces(jobs), [jobs]);
  return (
    <Card style={{ gap: 8 }}>
      <Label heading>Your pace</Label>
      {jobs.length === 0 ? (
        <Body>Nothing was timed yet. Tap Begin before a step and Done after it; plans follow.</Body>
      ) : null}
      {PHASES.map((kind) => ({ kind, pace: paces.of(kind) }))
        .filter(({ pace }) => pace.count > 0)
        .map(({ kind, pace }) => (
          <TitleRow
            key={kind}
            title={capital(kind)}
            figure={`${times(pace.ratio)} (${times(pace.band[0])}–${times(pace.band[1])})`}
          />
        ))}
      {jobs.length > 0 ? (
        <Small>
          Times as long as planned, and between what eight of ten would believe it; from{' '}
          {jobs.length === 1 ? 'one step' : `${jobs.length} steps`}.
        </Small>
      ) : null}
    </Card>
  );
};
