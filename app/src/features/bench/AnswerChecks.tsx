import { CHECKS, type CheckId } from '@obrik/core/catalog';
import type { Piece } from '@obrik/core/piece';
import { answerLine, openChecks } from '@obrik/core/run';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { OutcomeSketch } from '@/ui/drawings';
import { BenchButton, Body, Card, Label, OpenRow, Small, Strong } from '@/ui/controls';
import { usePalette } from '@/ui/theme';
import { turnedUpAddress } from './turnedUp';
import { lineNow, useLog } from './useLog';

/** As high as a wet glove needs it. */
const ROW = 64;

interface Asked {
  readonly check: CheckId;
  readonly title: string;
  readonly taskKeys: readonly string[];
  readonly surfaceIds: readonly string[];
}

interface CheckCardProps {
  readonly piece: Piece;
  readonly asked: Asked;
  readonly word: string;
  readonly onLater?: (() => void) | undefined;
}

/** One question with its answers as drawings: each says what it means, and does it. */
export const CheckCard = ({ piece, asked, word, onLater }: CheckCardProps) => {
  const log = useLog();
  const router = useRouter();
  const palette = usePalette();
  const row = CHECKS.get(asked.check);
  const answer = async (it: (typeof row.answers)[number]) => {
    const { check, taskKeys, surfaceIds } = asked;
    const line = answerLine(
      { ...lineNow(surfaceIds, taskKeys), check, answer: it.id, place: null },
      piece.done,
    );
    const again = line.setback ? ' It comes again.' : '';
    if (!(await log(piece, [line], `${it.then}${again}`))) return;
    if (it.means.kind === 'discovery') {
      router.navigate(
        turnedUpAddress(piece.id, { kind: it.means.discovery, surfaceIds, taskKeys }),
      );
    }
  };
  return (
    <Card edge="amber" style={{ gap: 8 }}>
      <Label heading>{word}</Label>
      <Body style={{ fontSize: 22, lineHeight: 28 }}>{row.question}</Body>
      <Small>{asked.title}</Small>
      {row.answers.map((it) => (
        <OpenRow
          key={it.id}
          label={`${row.question} ${it.label}`}
          onPress={() => void answer(it)}
          style={{ minHeight: ROW, borderTopWidth: 1, borderTopColor: palette.line }}
        >
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12, paddingVertical: 6 }}>
            <OutcomeSketch sketch={it.sketch} />
            <View style={{ flex: 1 }}>
              <Strong>{it.label}</Strong>
              <Small>{it.then}</Small>
            </View>
          </View>
        </OpenRow>
      ))}
      {onLater ? <BenchButton title="Look later" onPress={onLater} /> : null}
    </Card>
  );
};

/** The questions about what was done last, one at a time. */
export const AnswerChecks = ({ piece }: { readonly piece: Piece }) => {
  const [later, setLater] = useState<readonly string[]>([]);
  const open = openChecks(piece).map((it) => ({ ...it, key: `${it.check}/${it.endedAt}` }));
  const asked = open.find((it) => !later.includes(it.key));
  if (!asked) {
    return later.length > 0 && open.length > 0 ? (
      <BenchButton
        title={open.length === 1 ? 'One question is open' : `${open.length} questions are open`}
        onPress={() => setLater([])}
      />
    ) : null;
  }
  return (
    <CheckCard
      key={asked.key}
      piece={piece}
      asked={asked}
      word={
        open.length === 1 ? 'Look before you go on' : `Look before you go on · 1 of ${open.length}`
      }
      onLater={() => setLater([...later, asked.key])}
    />
  );
};
