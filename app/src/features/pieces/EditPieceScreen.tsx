import { changedParts } from '@obrik/core/ledger';
import { pieceDescription, type PieceRecord } from '@obrik/core/piece';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { useChange, useShop } from '@/api/usePiece';
import { Heading, MainButton, PlainButton } from '@/ui/controls';
import { PieceBuilder } from './builder/PieceBuilder';
import { DeleteForGood } from './DeleteForGood';
import { formOf } from './pieceForm';
import { usePieceForm } from './usePieceForm';

/** Changes the description of a piece, or puts the piece away. */
export const EditPieceScreen = ({ record }: { readonly record: PieceRecord }) => {
  const router = useRouter();
  const { units } = useShop();
  const change = useChange();
  const { piece } = record;
  const untouched = useMemo(() => formOf(pieceDescription.parse(piece), units), [piece, units]);
  const { form, stored, description } = usePieceForm(`piece-${piece.id}`, untouched, units);
  const back = () => router.navigate(`/pieces/${piece.id}/look`);

  const submit = form.handleSubmit(async (values) => {
    const parts = changedParts(piece, { ...description(values), due: piece.due });
    if (Object.keys(parts).length > 0) {
      const done = await change(
        piece.id,
        { kind: 'describe', description: parts },
        'Description changed.',
      );
      if (!done) return;
    }
    stored();
    back();
  });
  const putAway = async () => {
    const done = await change(piece.id, { kind: 'archive' }, `${piece.name} is archived.`);
    if (done) router.navigate('/pieces');
  };

  return (
    <PieceBuilder
      form={form}
      units={units}
      head={<Heading>{piece.name}</Heading>}
      below={
        <>
          <PlainButton title="Archive this piece" onPress={() => void putAway()} />
          <DeleteForGood piece={piece} />
        </>
      }
      foot={<MainButton title="Save changes" onPress={() => void submit()} />}
    />
  );
};
