import { surfacesOf, type Piece } from '@obrik/core/piece';
import { PHASES, type Operation } from '@obrik/core/route';
import { phaseInWords, counted } from '@obrik/core/words';
import { Text } from '@rneui/themed';
import { Pressable, View } from 'react-native';
import { Small } from '@/ui/controls';
import { FONTS, RADIUS, usePalette } from '@/ui/theme';

interface LanesProps {
  readonly piece: Piece;
  readonly operations: readonly Operation[];
  readonly chosen: Operation | undefined;
  readonly onChoose: (operationId: string) => void;
}

const inCell = (list: readonly Operation[]): string => {
  const grits = list.flatMap((it) => it.grits);
  const coats = list.filter((it) => it.coats).length;
  if (coats > 0) return counted(coats, 'coat');
  if (list[0]?.phase === 'sand' && grits.length > 0) {
    return grits.length > 3 ? `${grits.length} papers` : grits.join('·');
  }
  return counted(list.length, 'step');
};

/** The route as lanes: a row for each surface, a column for each phase. */
export const Lanes = ({ piece, operations, chosen, onChoose }: LanesProps) => {
  const palette = usePalette();
  const phases = PHASES.filter((phase) => operations.some((it) => it.phase === phase));
  const rows = surfacesOf(piece).filter((surface) =>
    operations.some((it) => it.surfaceIds.includes(surface.id)),
  );
  return (
    <View style={{ gap: 4 }}>
      <View style={{ flexDirection: 'row', gap: 4 }} aria-hidden>
        <View style={{ width: 96 }} />
        {phases.map((phase) => (
          <View key={phase} style={{ flex: 1, minWidth: 0 }}>
            <Small style={{ fontSize: 11, textAlign: 'center' }}>{phaseInWords(phase)}</Small>
          </View>
        ))}
      </View>
      {rows.map((surface) => (
        <View key={surface.id} style={{ flexDirection: 'row', gap: 4, alignItems: 'center' }}>
          <View style={{ width: 96 }}>
            <Small>{surface.name}</Small>
          </View>
          {phases.map((phase) => {
            const list = operations.filter(
              (it) => it.phase === phase && it.surfaceIds.includes(surface.id),
            );
            const [first] = list;
            if (!first) return <View key={phase} style={{ flex: 1, minWidth: 0 }} />;
            const isHere = chosen !== undefined && list.includes(chosen);
            const held = list.every((it) => it.holds.length > 0);
            return (
              <Pressable
                key={phase}
                role="button"
                aria-label={`${surface.name}, ${phaseInWords(phase)}: ${inCell(list)}${held ? ', held' : ''}`}
                onPress={() => onChoose(first.id)}
                style={{
                  flex: 1,
                  minWidth: 0,
                  minHeight: 48,
                  justifyContent: 'center',
                  alignItems: 'center',
                  borderRadius: RADIUS,
                  borderWidth: isHere ? 3 : 1.5,
                  borderStyle: held ? 'dashed' : 'solid',
                  borderColor: isHere ? palette.amber : palette.ink,
                  backgroundColor: palette.card,
                }}
              >
                <Text
                  numberOfLines={2}
                  style={{
                    fontFamily: FONTS.head,
                    fontSize: 12,
                    color: palette.ink,
                    textAlign: 'center',
                  }}
                >
                  {inCell(list)}
                </Text>
              </Pressable>
            );
          })}
        </View>
      ))}
    </View>
  );
};
