import { ticketNumber, yearsInWords } from '@obrik/core/ticket';
import { labelOf } from '@obrik/core/catalog';
import { stateOf, judgeFinding, type SurfaceBeliefs } from '@obrik/core/inspect';
import { isForChild, surfacesOf, type PieceRecord, type Surface } from '@obrik/core/piece';
import { showArea, showPercent, showThickness } from '@obrik/core/units';
import { LOOK_WORDS, recordedInWords } from '@obrik/core/words';
import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { shopNow } from '@/device';
import { useCase } from '@/api/useCase';
import { SURFACE_QUESTIONS, STATE_WORDS, beliefInWords } from '@/features/shared/marks';
import { useTimes } from '@/features/shared/useTimes';
import { INK, KEPT, PrintedLine, Paper } from '@/ui/paper';

/** All that is known of one surface, with what it rests on. */
const SurfaceSheet = ({
  record,
  surface,
  beliefs,
}: {
  readonly record: PieceRecord;
  readonly surface: Surface;
  readonly beliefs: SurfaceBeliefs;
}) => {
  const times = useTimes();
  const { piece } = record;
  const { units } = useCase(piece).shop;
  const seen = piece.observations.filter((it) => it.surfaceId === surface.id);
  const findings = piece.findings.filter((it) => it.surfaceId === surface.id);
  return (
    <View {...KEPT} style={{ borderTopWidth: 1, borderTopColor: INK.line, paddingTop: 6, gap: 2 }}>
      <PrintedLine bold size={16} level={2}>
        {surface.name}
        {surface.count > 1 ? ` ×${surface.count}` : ''} · {showArea(surface.areaMm2, units)} ·{' '}
        {STATE_WORDS[stateOf(beliefs)]}
      </PrintedLine>
      {SURFACE_QUESTIONS.map(({ variable, title }) => {
        const belief = beliefs[variable];
        return (
          <PrintedLine key={variable}>
            {title}: {beliefInWords(belief)}
            {belief.confirmed ? '' : ` (${showPercent(belief.said.p)})`}.
          </PrintedLine>
        );
      })}
      <PrintedLine bold={beliefs.leadStatus.kind !== 'notAsked'}>
        Lead: {beliefs.leadStatus.text}
      </PrintedLine>
      {beliefs.leadStatus.results.map((it) => (
        <PrintedLine key={`${it.layer}/${it.by}`} colour={INK.ink2}>
          {LOOK_WORDS.lead.result(it.layer, it.found, it.by, it.ppm, it.who)},{' '}
          {times.clock.day(new Date(it.at))}.
        </PrintedLine>
      ))}
      {beliefs.veneer.measured ? (
        <PrintedLine>
          Veneer: {showThickness(beliefs.veneer.usualMm * 1000, units)}, measured.
        </PrintedLine>
      ) : null}
      {beliefs.moisture ? <PrintedLine>Moisture: {beliefs.moisture.text}</PrintedLine> : null}
      {beliefs.layers.map((it) => (
        <PrintedLine key={it.layer}>
          Layer {it.layer}: {it.colour}, {labelOf('finish', it.likeliest)} ({showPercent(it.p)}).
        </PrintedLine>
      ))}
      {findings.map((it) => {
        const judged = judgeFinding(it, surface, beliefs, units);
        return (
          <PrintedLine key={it.id} colour={judged.severity === 'grave' ? INK.vermilion : INK.ink}>
            {it.count} × {judged.text} {it.note}
          </PrintedLine>
        );
      })}
      {beliefs.conflicts.map((it) => (
        <PrintedLine key={it.text} colour={INK.vermilion}>
          ! {it.text}
        </PrintedLine>
      ))}
      {seen.length > 0 ? (
        <PrintedLine size={13} colour={INK.ink2}>
          Seen: {seen.map((it) => recordedInWords(it, units)).join(' · ')}
        </PrintedLine>
      ) : (
        <PrintedLine size={13} colour={INK.ink2}>
          Nobody has looked at it yet.
        </PrintedLine>
      )}
    </View>
  );
};

/** What is known of the whole piece, to read at a glance and to print. */
export const KnownScreen = ({ record }: { readonly record: PieceRecord }) => {
  const times = useTimes();
  const { piece, number } = record;
  const router = useRouter();
  const { beliefs: all, looks } = useCase(piece);
  const settled = looks.filter((it) => it === 'settled').length;
  return (
    <Paper
      back={{
        label: 'Back to Look',
        onPress: () => router.navigate(`/pieces/${piece.id}/look`),
      }}
    >
      <PrintedLine bold size={26} level={1}>
        {ticketNumber(number)} · {piece.name}: what we know
      </PrintedLine>
      <PrintedLine colour={INK.ink2}>
        {yearsInWords(piece)}. {settled} of {all.length} surfaces settled. Printed{' '}
        {times.clock.dayAndTime(shopNow())}.
      </PrintedLine>
      {isForChild(piece) ? (
        <PrintedLine bold>For a child’s room: only a laboratory closes lead.</PrintedLine>
      ) : null}
      {surfacesOf(piece).map((surface, index) => {
        const beliefs = all[index];
        return beliefs ? (
          <SurfaceSheet key={surface.id} record={record} surface={surface} beliefs={beliefs} />
        ) : null;
      })}
      <PrintedLine colour={INK.ink2}>
        A result holds for the layer and the place it was made on. Nothing here is declared safe;
        local code and licensed practice have the last word.
      </PrintedLine>
    </Paper>
  );
};
