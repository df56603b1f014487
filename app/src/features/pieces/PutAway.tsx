import { ticketNumber } from '@obrik/core/ticket';
import { useState } from 'react';
import { View } from 'react-native';
import { useChange } from '@/api/usePiece';
import type { ListCard } from '@/device';
import { PlainButton, Strong, Ticket } from '@/ui/controls';

/** Pieces that were put away, one tap further, with the way back. */
export const PutAway = ({ cards }: { readonly cards: readonly ListCard[] }) => {
  const change = useChange();
  const [shows, setShows] = useState(false);
  if (cards.length === 0) return null;
  return (
    <View style={{ gap: 12 }}>
      <PlainButton
        title={shows ? 'Hide the archive' : `Archive: ${cards.length}`}
        onPress={() => setShows(!shows)}
      />
      {shows
        ? cards.map(({ pieceId, name, number }) => (
            <Ticket key={pieceId} number={ticketNumber(number)} word="archived">
              <Strong>{name}</Strong>
              <PlainButton
                title="Bring back"
                label={`Bring back ${name}`}
                onPress={() => void change(pieceId, { kind: 'restore' }, `${name} is back.`)}
              />
            </Ticket>
          ))
        : null}
    </View>
  );
};
