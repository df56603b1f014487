import { REMEDIES } from '@obrik/core/catalog';
import { surfaceNames, type Piece } from '@obrik/core/piece';
import { RISKS } from '@obrik/core/route';
import type { ChangedWork, RemedyChoice } from '@obrik/core/run';
import { showDuration, showPercent } from '@obrik/core/units';
import { listed } from '@obrik/core/words';
import { useState } from 'react';
import { View } from 'react-native';
import { changeInWords } from '@/features/shared/change';
import { BenchButton, Body, Card, Label, Small, Strong, Tag } from '@/ui/controls';

/** Of a difference: what kind, and its lines. */
const PARTS = [
  { key: 'added', title: 'New', sign: '+' },
  { key: 'again', title: 'Once more', sign: '↻' },
  { key: 'changed', title: 'Done in another way', sign: '≈' },
  { key: 'dropped', title: 'No longer needed', sign: '−' },
] as const;

const Lines = ({
  piece,
  title,
  sign,
  lines,
}: {
  readonly piece: Piece;
  readonly title: string;
  readonly sign: string;
  readonly lines: readonly ChangedWork[];
}) => {
  const nameOf = surfaceNames(piece);
  return (
    <View style={{ gap: 2 }}>
      <Label>{title}</Label>
      {lines.map((it) => (
        <View key={it.title} style={{ flexDirection: 'row', gap: 8 }}>
          <Strong>{sign}</Strong>
          <View style={{ flex: 1 }}>
            <Body>
              {it.title} · {showDuration(it.minutes)}
            </Body>
            <Small>{listed(it.surfaceIds.map(nameOf))}</Small>
          </View>
        </View>
      ))}
    </View>
  );
};

interface RemedyCardProps {
  readonly piece: Piece;
  readonly option: RemedyChoice;
  /** As the shop writes its money. */
  readonly currency: string | null;
  /** The one that the trade tries first. */
  readonly usual: boolean;
  readonly onTake: () => void;
}

/** One way to go on: what it takes, what it does not do, and how it changes the route. */
export const RemedyCard = ({ piece, option, currency, usual, onTake }: RemedyCardProps) => {
  const [open, setOpen] = useState(usual);
  const { label, why, but } = REMEDIES.get(option.remedy);
  const { difference, refusals, more, risks } = option;
  const change = changeInWords(more, currency);
  const isRefused = refusals.length > 0;
  return (
    <Card edge={usual ? 'amber' : isRefused ? 'vermilion' : undefined} style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 6 }}>
        {usual ? <Tag text="The usual way" tone="amber" /> : null}
        {option.isLastResort ? (
          <Tag text="Only since no other way is left" tone="vermilion" />
        ) : null}
        {isRefused ? <Tag text="Not here" tone="vermilion" /> : null}
      </View>
      <Strong>{label}</Strong>
      <Body>{change || 'Nothing more to do.'}</Body>
      <Small>
        {why} {but}
      </Small>
      {risks.map((it) => (
        <Small key={it.kind}>
          May go wrong: {RISKS[it.kind].toLowerCase()} ({showPercent(it.chance)}).
        </Small>
      ))}
      {refusals.map((it) => (
        <Small key={it.title}>
          {it.title}. {it.because}
        </Small>
      ))}
      {open && !isRefused
        ? PARTS.map(({ key, title, sign }) =>
            difference[key].length > 0 ? (
              <Lines key={key} piece={piece} title={title} sign={sign} lines={difference[key]} />
            ) : null,
          )
        : null}
      {open && !isRefused ? (
        <Small>
          {difference.kept} more as before; what is done stays done ({difference.done}).
        </Small>
      ) : null}
      <View style={{ flexDirection: 'row', gap: 8 }}>
        {isRefused ? null : (
          <BenchButton
            title={open ? 'Less' : 'What changes'}
            label={`${open ? 'Less of' : 'What changes with'}: ${label}`}
            style={{ flex: 1 }}
            onPress={() => setOpen(!open)}
          />
        )}
        {isRefused ? null : (
          <BenchButton
            main={usual}
            title="Go this way"
            label={`Go this way: ${label}`}
            style={{ flex: 1 }}
            onPress={onTake}
          />
        )}
      </View>
    </Card>
  );
};
