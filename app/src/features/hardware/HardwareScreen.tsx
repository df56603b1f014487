import {
  fittingsToldOf,
  assemble,
  movesHoles,
  type Hardware,
  type PieceRecord,
} from '@obrik/core/piece';
import { DISPOSITIONS, hardwareAdvice } from '@obrik/core/words';
import { showLength, type UnitSystem } from '@obrik/core/units';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useChange, useShop } from '@/api/usePiece';
import {
  Body,
  Card,
  Empty,
  Heading,
  Label,
  PlainButton,
  Small,
  TitleRow,
  TwoPanes,
} from '@/ui/controls';
import { useKept } from '@/features/shared/useKept';
import { FittingsForm } from './FittingsForm';
import { NumberedFront } from './NumberedFront';

/** One kind of fittings on the list. */
const FittingsCard = ({
  fittings,
  units,
  onEdit,
  onTakeOff,
}: {
  readonly fittings: Hardware;
  readonly units: UnitSystem;
  readonly onEdit: () => void;
  readonly onTakeOff: () => void;
}) => {
  const advice = hardwareAdvice({
    ...fittings,
    moves: fittings.replacement === null ? null : movesHoles(fittings),
  });
  const name = fittingsToldOf(fittings);
  return (
    <Card edge={fittings.missing > 0 ? 'amber' : undefined} style={{ gap: 4 }}>
      <TitleRow title={name} figure={fittings.bag ? `bag ${fittings.bag}` : 'no bag'} />
      <Small>
        {DISPOSITIONS[fittings.disposition]}
        {fittings.holeSpacingMm === null
          ? ''
          : ` · holes ${showLength(fittings.holeSpacingMm, units)} apart`}
        {fittings.missing > 0 ? ` · ${fittings.missing} missing` : ''}
      </Small>
      {advice ? <Body>{advice}</Body> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton title="Change" label={`Change: ${name}`} onPress={onEdit} />
        <PlainButton
          title="Remove from the list"
          label={`Remove from the list: ${name}`}
          onPress={onTakeOff}
        />
      </View>
    </Card>
  );
};

/** What comes off the piece: list, map of drawers and doors, labels to print. */
export const HardwareScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const router = useRouter();
  const shop = useShop();
  const change = useChange();
  const [edited, setEdited] = useKept<string | null>(`fittings/${piece.id}`, null);
  const fit = (it: Hardware, done: string) =>
    change(piece.id, { kind: 'fit', hardware: it }, `${fittingsToldOf(it)}: ${done}.`);
  const loose = assemble(piece.build).loose;
  return (
    <TwoPanes
      foot={
        <PlainButton
          title="Map and labels to print"
          onPress={() => router.navigate(`/pieces/${piece.id}/labels`)}
        />
      }
      left={
        <>
          <Heading>Hardware</Heading>
          {loose.drawers + loose.doors > 0 ? (
            <Card style={{ gap: 8 }}>
              <Label heading>Numbers of drawers and doors</Label>
              <NumberedFront piece={piece} maxHeight={200} />
              <Small>
                Write each number underneath or in the hinge recess, with an arrow for up; tape over
                it.
              </Small>
            </Card>
          ) : null}
        </>
      }
      right={
        <>
          {piece.hardware.length === 0 ? (
            <Empty
              title="Nothing on the list"
              text="Look closely while you take it off. One labelled bag for each kind."
            />
          ) : (
            piece.hardware.map((it) =>
              it.id === edited ? (
                <FittingsForm
                  key={it.id}
                  pieceId={piece.id}
                  old={it}
                  units={shop.units}
                  onDone={async (changed) => {
                    const done = await fit(changed, 'changed');
                    if (done) setEdited(null);
                    return done;
                  }}
                  onLeave={() => setEdited(null)}
                />
              ) : (
                <FittingsCard
                  key={it.id}
                  fittings={it}
                  units={shop.units}
                  onEdit={() => setEdited(it.id)}
                  onTakeOff={() =>
                    void change(
                      piece.id,
                      { kind: 'unfit', hardwareId: it.id },
                      `${fittingsToldOf(it)}: off the list.`,
                    )
                  }
                />
              ),
            )
          )}
          <FittingsForm
            pieceId={piece.id}
            units={shop.units}
            onDone={(it) => fit(it, 'on the list')}
          />
          <PlainButton
            title="Back to Look"
            onPress={() => router.navigate(`/pieces/${piece.id}/look`)}
          />
        </>
      }
    />
  );
};
