import type { Piece } from '@obrik/core/piece';
import { plannedAgainstActual, timedOf } from '@obrik/core/run';
import { showDuration } from '@obrik/core/units';
import { learnPaces, PHASES, timedIn, type Timed } from '@obrik/core/work';
import { phaseInWords, capital, counted } from '@obrik/core/words';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useBenchQuery } from '@/api/api';
import { AskTime } from '@/features/bench/AskTime';
import { Body, Card, Label, Small, TitleRow } from '@/ui/controls';

const times = (ratio: number): string => `${ratio.toFixed(1)} ×`;
/** Asked about at once; more would be a form. */
const MOST_ASKED = 3;

/** A job that stands out, with the piece that it was done on, where nobody has said yet that it is right. */
const oddOnes = (
  pieces: readonly Piece[],
  outliers: readonly Timed[],
): readonly { readonly piece: Piece; readonly job: Timed }[] =>
  pieces.flatMap((piece) => {
    const said = new Set(piece.log.flatMap((it) => (it.of === 'time' ? it.doneIds : [])));
    const own = new Set(timedIn(piece.done, piece.log).flatMap((it) => it.doneIds));
    return outliers
      .filter(
        (job) => job.doneIds.some((id) => own.has(id)) && !job.doneIds.some((id) => said.has(id)),
      )
      .map((job) => ({ piece, job }));
  });

/** Planned against actual, by who did it and what kind of work it was. */
const Table = ({ jobs }: { readonly jobs: readonly Timed[] }) => {
  const rows = plannedAgainstActual(jobs);
  const people = new Set(rows.map((it) => it.by));
  return (
    <View style={{ gap: 4 }}>
      <Label heading>Planned and actual</Label>
      {rows.map((it) => (
        <TitleRow
          key={`${it.by}/${it.kind}`}
          title={`${capital(phaseInWords(it.kind))}${people.size > 1 ? `, ${it.by || 'nobody named'}` : ''}`}
          figure={`${showDuration(it.plannedMinutes)} → ${showDuration(it.actualMinutes)}`}
        />
      ))}
    </View>
  );
};

/** How long each kind of work takes here against the plan, by what was timed. */
export const PaceCard = () => {
  const { data } = useBenchQuery();
  const pieces = useMemo(() => data?.map((it) => it.piece) ?? [], [data]);
  const jobs = useMemo(() => timedOf(pieces), [pieces]);
  const paces = useMemo(() => learnPaces(jobs), [jobs]);
  const odd = useMemo(() => oddOnes(pieces, paces.outliers), [pieces, paces]);
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
            title={capital(phaseInWords(kind))}
            figure={`${times(pace.ratio)} (${times(pace.band[0])}–${times(pace.band[1])})`}
          />
        ))}
      {jobs.length > 0 ? (
        <Small>
          Times as long as planned, and between what eight of ten would believe it; from{' '}
          {counted(jobs.length, 'step')}.
        </Small>
      ) : null}
      {jobs.length > 0 ? <Table jobs={jobs} /> : null}
      {odd.slice(0, MOST_ASKED).map(({ piece, job }) => (
        <AskTime key={job.doneIds[0]} piece={piece} job={job} />
      ))}
    </Card>
  );
};
