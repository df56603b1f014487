import { GLANCES } from '@obrik/core/catalog';
import { walkRound, type GlanceAnswer, type GlanceTurn } from '@obrik/core/inspect';
import { surfacesOf, type PieceRecord } from '@obrik/core/piece';
import { counted } from '@obrik/core/words';
import { nanoid } from '@reduxjs/toolkit';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { useChanges } from '@/api/usePiece';
import { shopNow } from '@/device';
import { useKept } from '@/features/shared/useKept';
import { numbered, useKeys } from '@/features/shared/useKeys';
import { OutcomeButton } from '@/features/shared/Outcomes';
import { Body, Card, Heading, PlainButton, Small, TwoPanes } from '@/ui/controls';
import type { SurfaceMark } from '@/ui/drawings';
import { RoundDrawing } from './RoundDrawing';
import { SeenDamage } from './SeenDamage';
import { StartingPoints } from './StartingPoints';

/** How the drawing shows a question: answered, or open. */
const marksFor = (
  { piece }: PieceRecord,
  { testId, answers, surfaceIds }: GlanceTurn,
): ReadonlyMap<string, SurfaceMark> =>
  new Map(
    surfacesOf(piece).map(({ id }) => {
      const seen = piece.observations.findLast((it) => it.surfaceId === id && it.testId === testId);
      const answer = answers
        .find((it) => seen && it.outcome === seen.outcome && it.value === seen.value)
        ?.label.toLowerCase();
      const open = surfaceIds.includes(id);
      return [
        id,
        {
          state: open ? 'open' : 'settled',
          material: null,
          findings: [],
          words: answer ?? (open ? 'not answered yet' : 'not asked here'),
        },
      ];
    }),
  );

interface QuestionProps {
  readonly record: PieceRecord;
  readonly turn: GlanceTurn;
  readonly onSkip: (surfaceIds: readonly string[]) => void;
  readonly onEnough: () => void;
}

/** One question for all surfaces on which it is open; those with another answer are tapped away. */
const Asked = ({ record, turn, onSkip, onEnough }: QuestionProps) => {
  const { piece } = record;
  const { glance, testId, answers, misleads, surfaceIds } = turn;
  const put = useChanges();
  const [off, setOff] = useState<ReadonlySet<string>>(new Set());
  const [busy, setBusy] = useState(false);
  const chosen = surfaceIds.filter((it) => !off.has(it));
  const marks = useMemo(() => marksFor(record, turn), [record, turn]);
  const open = useMemo(
    () => surfacesOf(piece).filter((it) => surfaceIds.includes(it.id)),
    [piece, surfaceIds],
  );
  const toggle = (surfaceId: string) => {
    if (!surfaceIds.includes(surfaceId)) return;
    const next = new Set(off);
    if (!next.delete(surfaceId)) next.add(surfaceId);
    setOff(next);
  };
  const answer = async (it: GlanceAnswer) => {
    if (busy) return;
    setBusy(true);
    const at = shopNow().toISOString();
    const done = await put(
      piece.id,
      chosen.map((surfaceId) => ({
        kind: 'observe',
        observation: {
          id: nanoid(),
          surfaceId,
          testId,
          outcome: it.outcome,
          value: it.value,
          layer: null,
          at,
          by: '',
        },
      })),
      `${it.label}: recorded for ${counted(chosen.length, 'surface')}.`,
    );
    // Those that were tapped away are asked for next.
    if (done) setOff(new Set());
    setBusy(false);
  };
  useKeys(
    {
      ...numbered(chosen.length > 0 ? answers.map((it) => () => void answer(it)) : []),
      '0': () => onSkip(chosen),
      a: () => setOff(new Set()),
      n: () => setOff(new Set(surfaceIds)),
    },
    'Keys: 1–9 answer for the surfaces selected, 0 can’t tell, A selects all, N none.',
  );
  return (
    <TwoPanes
      left={
        <RoundDrawing
          piece={piece}
          marks={marks}
          turn={GLANCES.indexOf(glance) + 1}
          surfaces={open}
          chosen={chosen}
          onToggle={toggle}
          onChoose={(ids) => setOff(new Set(surfaceIds.filter((it) => !ids.includes(it))))}
        />
      }
      right={
        <Card style={{ gap: 10 }}>
          <Heading>{glance.asks}</Heading>
          <Small>
            {chosen.length === 0
              ? 'Tap the surfaces that you answer for.'
              : `Your answer counts for ${counted(chosen.length, 'surface')}. Tap those that differ to leave them out; they come next.`}
          </Small>
          {chosen.length > 0
            ? answers.map((it) => (
                <OutcomeButton
                  key={it.label}
                  outcome={it}
                  large={false}
                  onPress={() => void answer(it)}
                />
              ))
            : null}
          {chosen.length > 0 ? (
            <PlainButton title="Can’t tell" disabled={busy} onPress={() => onSkip(chosen)} />
          ) : null}
          <PlainButton title="Enough for now" onPress={onEnough} />
          <Small>Can mislead: {misleads}</Small>
        </Card>
      }
    />
  );
};

/** How far the walk is: a call or a reload comes back to the same place. */
interface WhereOnWalk {
  readonly skipped: readonly string[];
  readonly enough: boolean;
  readonly damagesSaid: boolean;
}

/**
 * A walk round the piece: what anybody sees at a glance, question by question, for many surfaces at
 * once; then what is to become of it.
 */
export const WalkScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const router = useRouter();
  const [at, goOn] = useKept<WhereOnWalk>(`walk/${piece.id}`, {
    skipped: [],
    enough: false,
    damagesSaid: false,
  });
  const { enough, damagesSaid } = at;
  const skipped = useMemo(() => new Set(at.skipped), [at.skipped]);
  const open = useMemo(
    () =>
      walkRound(piece)
        .map((turn) => ({
          ...turn,
          surfaceIds: turn.surfaceIds.filter((it) => !skipped.has(`${turn.testId}/${it}`)),
        }))
        .filter((turn) => turn.surfaceIds.length > 0),
    [piece, skipped],
  );
  const [turn] = open;
  if (turn && !enough) {
    return (
      <Asked
        key={turn.testId}
        record={record}
        turn={turn}
        onSkip={(surfaceIds) =>
          goOn({
            ...at,
            skipped: [...at.skipped, ...surfaceIds.map((it) => `${turn.testId}/${it}`)],
          })
        }
        onEnough={() => goOn({ ...at, enough: true })}
      />
    );
  }
  if (!damagesSaid && !enough) {
    return <SeenDamage piece={piece} onDone={() => goOn({ ...at, damagesSaid: true })} />;
  }
  return (
    <StartingPoints
      piece={piece}
      back={
        turn
          ? { title: 'Back to the questions', onPress: () => goOn({ ...at, enough: false }) }
          : {
              title: 'Look closer',
              onPress: () => router.navigate(`/pieces/${piece.id}/look`),
            }
      }
    >
      <Body>
        {turn
          ? 'What you have seen so far is recorded.'
          : 'That is all that a look can tell. Tests on single surfaces can make it surer.'}
      </Body>
    </StartingPoints>
  );
};
