import { DAMAGES } from '@obrik/core/catalog';
import { judgeFinding, type Severity, type SurfaceBeliefs } from '@obrik/core/inspect';
import type { Piece, Surface } from '@obrik/core/piece';
import type { PieceChange } from '@obrik/core/ledger';
import type { UnitSystem } from '@obrik/core/units';
import { formatDistance } from 'date-fns/formatDistance';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { useCase } from '@/api/useCase';
import { shopNow } from '@/device';
import { Body, Label, PlainButton, Small, Tag } from '@/ui/controls';
import { usePalette, type Tone } from '@/ui/theme';
import { Photo } from '@/features/shared/Photo';
import { recordedInWords } from '@obrik/core/words';
import { MarkDamage } from './MarkDamage';
import { SameElsewhere } from './SameElsewhere';

interface RecordedProps {
  readonly piece: Piece;
  readonly surface: Surface;
  readonly beliefs: SurfaceBeliefs;
  readonly units: UnitSystem;
  readonly onChange: (change: PieceChange, done: string) => Promise<boolean>;
}

const Entry = ({
  text,
  note,
  tag,
  photoId,
  label,
  onRemove,
  onChange,
  children,
}: {
  readonly text: string;
  readonly note: string;
  readonly tag?: { readonly text: string; readonly tone: Tone };
  readonly photoId?: string | null;
  readonly label: string;
  readonly onRemove: () => void;
  readonly onChange?: () => void;
  readonly children?: ReactNode;
}) => {
  const palette = usePalette();
  return (
    <View
      role="listitem"
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: 8,
        borderTopWidth: 1,
        borderTopColor: palette.line,
        paddingVertical: 6,
      }}
    >
      <View style={{ flex: 1 }}>
        <Body>{text}</Body>
        {tag ? <Tag text={tag.text} tone={tag.tone} /> : null}
        <Small>{note}</Small>
        {photoId ? (
          <Photo photoId={photoId} label={`Photo: ${text}`} width={140} height={105} />
        ) : null}
        {children}
      </View>
      <View style={{ gap: 6 }}>
        {onChange ? (
          <PlainButton title="PieceChange" label={`PieceChange: ${text}`} onPress={onChange} />
        ) : null}
        <PlainButton title="Take back" label={label} onPress={onRemove} />
      </View>
    </View>
  );
};

const SEVERITY_TONE: Readonly<Record<Severity, Tone>> = {
  slight: 'slate',
  serious: 'amber',
  grave: 'vermilion',
};

/** What was recorded on a surface; each entry can be taken back, and that undone. */
export const Recorded = ({ piece, surface, beliefs, units, onChange }: RecordedProps) => {
  const surfaceId = surface.id;
  const [changed, setChanged] = useState<string>();
  const mended = useCase(piece).state.surfaces[surfaceId]?.mended ?? [];
  const observations = piece.observations.filter((it) => it.surfaceId === surfaceId).reverse();
  const findings = piece.findings.filter((it) => it.surfaceId === surfaceId);
  if (observations.length + findings.length === 0) return null;
  const ago = (at: string) => formatDistance(new Date(at), shopNow(), { addSuffix: true });
  return (
    <View style={{ gap: 4 }}>
      <Label heading>On record</Label>
      <View role="list">
        {findings.map((it) => {
          const text = `${it.count} × ${DAMAGES.get(it.damage).label}`;
          const judged = judgeFinding(it, surface, beliefs, units);
          const isMended = mended.includes(it.id);
          if (changed === it.id) {
            return (
              <MarkDamage
                key={it.id}
                piece={piece}
                surface={surface}
                units={units}
                old={it}
                onChange={onChange}
                onClose={() => setChanged(undefined)}
              />
            );
          }
          return (
            <Entry
              key={it.id}
              text={text}
              tag={
                isMended
                  ? { text: 'Repaired', tone: 'moss' }
                  : { text: judged.severity, tone: SEVERITY_TONE[judged.severity] }
              }
              onChange={() => setChanged(it.id)}
              photoId={it.photoId}
              note={[isMended ? '' : judged.text, it.note, ago(it.at)].filter(Boolean).join(' · ')}
              label={`Take back: ${text}`}
              onRemove={() =>
                void onChange({ kind: 'unfind', findingId: it.id }, `${text}: taken back.`)
              }
            />
          );
        })}
        {observations.map((it) => {
          const text = recordedInWords(it, units);
          return (
            <Entry
              key={it.id}
              text={text}
              note={[
                it.copyOf === undefined ? '' : 'copied from an alike surface, not looked at here',
                it.by,
                ago(it.at),
              ]
                .filter(Boolean)
                .join(' · ')}
              label={`Take back: ${text}`}
              onRemove={() =>
                void onChange({ kind: 'withdraw', observationId: it.id }, 'Observation taken back.')
              }
            >
              {it.copyOf === undefined ? (
                <View style={{ alignItems: 'flex-start', paddingTop: 4 }}>
                  <SameElsewhere piece={piece} observation={it} />
                </View>
              ) : null}
            </Entry>
          );
        })}
      </View>
    </View>
  );
};
