import { GLANCES, GLANCE_DAMAGES } from '@obrik/core/catalog';
import { finding, surfacesOf, type Piece } from '@obrik/core/piece';
import { counted } from '@obrik/core/words';
import { nanoid } from '@reduxjs/toolkit';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useChanges } from '@/api/usePiece';
import { shopNow } from '@/device';
import { Card, Heading, MainButton, Option, Small, TwoPanes } from '@/ui/controls';
import type { SurfaceMark } from '@/ui/drawings';
import { RoundDrawing } from './RoundDrawing';

interface SeenDamageProps {
  readonly piece: Piece;
  readonly onDone: () => void;
}

/** What else anybody sees, smells or feels: each damage in one tap for all surfaces chosen. */
export const SeenDamage = ({ piece, onDone }: SeenDamageProps) => {
  const put = useChanges();
  const surfaces = useMemo(() => surfacesOf(piece), [piece]);
  const [chosen, setChosen] = useState<readonly string[]>(surfaces.map((it) => it.id));
  const marks = new Map(
    surfaces.map(({ id }): [string, SurfaceMark] => {
      const own = piece.findings.filter((it) => it.surfaceId === id);
      return [
        id,
        {
          state: 'settled',
          material: null,
          findings: own.map((it) => it.place),
          words: own.length === 0 ? 'nothing found' : counted(own.length, 'damage'),
        },
      ];
    }),
  );
  const isFoundOn = (damage: string, surfaceId: string): boolean =>
    piece.findings.some((it) => it.damage === damage && it.surfaceId === surfaceId);
  const find = async (row: (typeof GLANCE_DAMAGES)[number]) => {
    const open = chosen.filter((it) => !isFoundOn(row.damage, it));
    if (open.length === 0) return;
    const at = shopNow().toISOString();
    await put(
      piece.id,
      open.map((surfaceId) => ({
        kind: 'find',
        finding: finding.parse({ id: nanoid(), surfaceId, damage: row.damage, at }),
      })),
      `${row.says}: recorded for ${counted(open.length, 'surface')}.`,
    );
  };
  const toggle = (surfaceId: string) =>
    setChosen(
      chosen.includes(surfaceId) ? chosen.filter((it) => it !== surfaceId) : [...chosen, surfaceId],
    );
  return (
    <TwoPanes
      left={
        <RoundDrawing
          piece={piece}
          marks={marks}
          turn={GLANCES.length + 1}
          surfaces={surfaces}
          chosen={chosen}
          onToggle={toggle}
          onChoose={setChosen}
        />
      }
      right={
        <Card style={{ gap: 10 }}>
          <Heading>Do you see any of this?</Heading>
          <Small>
            {chosen.length === 0
              ? 'Tap the surfaces that have it.'
              : `A tap records it for ${counted(chosen.length, 'surface')}. Size and place come later, on the surface.`}
          </Small>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {GLANCE_DAMAGES.map((it) => (
              <Option
                key={it.damage}
                role="checkbox"
                title={it.says}
                chosen={chosen.length > 0 && chosen.every((id) => isFoundOn(it.damage, id))}
                onPress={() => void find(it)}
              />
            ))}
          </View>
          <MainButton
            title={piece.findings.length === 0 ? 'None of this' : 'That is all'}
            onPress={onDone}
          />
        </Card>
      }
    />
  );
};
