import { ticketNumber } from '@obrik/core/ticket';
import { fittingsToldOf, assemble, type PieceRecord } from '@obrik/core/piece';
import { DISPOSITIONS } from '@obrik/core/words';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { INK, KEPT, PrintedLine, Paper } from '@/ui/paper';
import { NumberedFront } from './NumberedFront';

interface LabelProps {
  readonly large: string;
  readonly lines: readonly string[];
}

/** One label to cut out. */
const Label = ({ large, lines }: LabelProps) => (
  <View
    {...KEPT}
    style={{
      width: 168,
      minHeight: 84,
      borderWidth: 1,
      borderStyle: 'dashed',
      borderColor: INK.ink2,
      padding: 8,
    }}
  >
    <PrintedLine bold size={20}>
      {large}
    </PrintedLine>
    {lines.map((it) => (
      <PrintedLine key={it} size={13}>
        {it}
      </PrintedLine>
    ))}
  </View>
);

/** The numbering map and a label for every drawer, door and bag, to print and cut. */
export const LabelsScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece, number } = record;
  const router = useRouter();
  const { drawers, doors } = assemble(piece.build).loose;
  const ticket = ticketNumber(number);
  const numbered = (count: number, what: string) =>
    Array.from({ length: count }, (_, index) => (
      <Label
        key={`${what}-${index}`}
        large={`${ticket} · ${index + 1} ↑`}
        lines={[what, piece.name]}
      />
    ));
  return (
    <Paper
      back={{
        label: 'Back to the hardware',
        onPress: () => router.navigate(`/pieces/${piece.id}/hardware`),
      }}
    >
      <PrintedLine bold size={26} level={1}>
        {ticket} · {piece.name}: map and labels
      </PrintedLine>
      {drawers + doors > 0 ? (
        <>
          <PrintedLine bold size={16} level={2}>
            Where each goes back
          </PrintedLine>
          <NumberedFront piece={piece} maxHeight={260} />
        </>
      ) : null}
      <PrintedLine bold size={16} level={2}>
        Bags
      </PrintedLine>
      {piece.hardware.length === 0 ? <PrintedLine>No hardware on the list yet.</PrintedLine> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {piece.hardware.map((it) => (
          <Label
            key={it.id}
            large={`${ticket} · bag ${it.bag || '?'}`}
            lines={[
              fittingsToldOf(it),
              it.missing > 0 ? `${it.missing} missing` : 'complete',
              DISPOSITIONS[it.disposition],
            ]}
          />
        ))}
      </View>
      {drawers + doors > 0 ? (
        <>
          <PrintedLine bold size={16} level={2}>
            Drawers and doors
          </PrintedLine>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {numbered(drawers, 'Drawer')}
            {numbered(doors, 'Door')}
          </View>
        </>
      ) : null}
    </Paper>
  );
};
