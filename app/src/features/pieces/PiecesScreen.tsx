import { ticketNumber, type PieceRecord } from '@obrik/core/piece';
import { yearsInWords } from '@obrik/core/words';
import { formatDistanceToNow } from 'date-fns';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { usePiecesQuery } from '@/api/api';
import { failureOf } from '@/api/failure';
import { useChange, useShop } from '@/api/usePiece';
import {
  useWide,
  Body,
  Empty,
  Failure,
  Heading,
  Loading,
  MainButton,
  OpenRow,
  PlainButton,
  Screen,
  Small,
  Strong,
  Tag,
  Ticket,
  TitleRow,
} from '@/ui/controls';
import { summarise } from './summary';

const PieceTicket = ({ record }: { readonly record: PieceRecord }) => {
  const router = useRouter();
  const shop = useShop();
  const summary = useMemo(() => summarise(record, shop), [record, shop]);
  const { piece } = record;
  return (
    <OpenRow
      label={`Open ${piece.name}`}
      onPress={() => router.navigate(`/pieces/${piece.id}/look`)}
    >
      <Ticket
        number={ticketNumber(record.number)}
        word={`${summary.settled} of ${summary.surfaces}`}
      >
        <TitleRow title={piece.name} figure={summary.work} />
        <Small>
          {yearsInWords(piece)} · changed{' '}
          {formatDistanceToNow(new Date(record.updatedAt), { addSuffix: true })}
        </Small>
        <Body>{summary.next}</Body>
        {summary.tags.length > 0 ? (
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 6 }}>
            {summary.tags.map((it) => (
              <Tag key={it.text} text={it.text} tone={it.tone} />
            ))}
          </View>
        ) : null}
      </Ticket>
    </OpenRow>
  );
};

/** All pieces in the shop; those put away are one tap further. */
export const PiecesScreen = () => {
  const router = useRouter();
  const wide = useWide();
  const change = useChange();
  const [showsAway, setShowsAway] = useState(false);
  const { data, error, isLoading, refetch } = usePiecesQuery();
  const inShop = data?.filter((it) => !it.piece.archived) ?? [];
  const away = data?.filter((it) => it.piece.archived) ?? [];
  const takeIn = () => router.navigate('/pieces/new');
  return (
    <Screen foot={<MainButton title="Take in a piece" onPress={takeIn} />}>
      <Heading>Pieces</Heading>
      {isLoading ? <Loading what="the pieces" /> : null}
      {error && !data ? (
        <Failure text={failureOf(error).text} onRetry={() => void refetch()} />
      ) : null}
      {data && inShop.length === 0 ? (
        <Empty
          title="No piece in the shop"
          text="Take one in: a name, its measures, about how old it is. Then look it over, surface by surface."
        />
      ) : null}
      {inShop.length > 0 ? (
        <Small>On the stub: surfaces settled. At the right: work planned.</Small>
      ) : null}
      <View
        role="list"
        style={wide ? { flexDirection: 'row', flexWrap: 'wrap', gap: 12 } : { gap: 12 }}
      >
        {inShop.map((it) => (
          <View role="listitem" key={it.piece.id} style={wide ? { width: '48.5%' } : {}}>
            <PieceTicket record={it} />
          </View>
        ))}
      </View>
      {away.length > 0 ? (
        <PlainButton
          title={showsAway ? 'Hide what is put away' : `Put away: ${away.length}`}
          onPress={() => setShowsAway(!showsAway)}
        />
      ) : null}
      {showsAway
        ? away.map(({ piece, number }) => (
            <Ticket key={piece.id} number={ticketNumber(number)} word="away">
              <Strong>{piece.name}</Strong>
              <PlainButton
                title="Bring back"
                label={`Bring back ${piece.name}`}
                onPress={() => void change(piece.id, { kind: 'restore' }, `${piece.name} is back.`)}
              />
            </Ticket>
          ))
        : null}
    </Screen>
  );
};
