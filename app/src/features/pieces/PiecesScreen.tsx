import { ticketNumber } from '@obrik/core/piece';
import { yearsInWords } from '@obrik/core/words';
import { formatDistanceToNow } from 'date-fns/formatDistanceToNow';
import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { FlatList, View } from 'react-native';
import { useCardsQuery } from '@/api/api';
import { failureOf } from '@/api/failure';
import { useChange } from '@/api/usePiece';
import { chooseFile } from '@/features/shared/chooseFile';
import { loadAhead, openFile } from '@/features/shell/Station';
import { whenIdle } from '@/features/shell/whenIdle';
import type { Card } from '@/record';
import { noticed } from '@/state/notice';
import { useAppDispatch } from '@/state/store';
import {
  useWide,
  Body,
  Empty,
  Failure,
  Heading,
  ListScreen,
  Loading,
  MainButton,
  OpenRow,
  PlainButton,
  Small,
  Strong,
  Tag,
  Ticket,
  TitleRow,
} from '@/ui/controls';
import { cardWords } from './card';

const PieceTicket = ({ card }: { readonly card: Card }) => {
  const router = useRouter();
  const { stub, next, work, tags } = cardWords(card.planned);
  const marks = [
    ...tags,
    ...(card.contested > 0 ? [{ text: 'Changed on two devices', tone: 'vermilion' as const }] : []),
    ...(card.waiting ? [{ text: 'Not yet at the shop', tone: 'slate' as const }] : []),
  ];
  return (
    <OpenRow
      label={`Open ${card.name}`}
      onPress={() => router.navigate(`/pieces/${card.pieceId}/look`)}
    >
      <Ticket number={ticketNumber(card.number)} word={stub}>
        <TitleRow title={card.name} figure={work} />
        <Small>
          {yearsInWords(card)} · changed{' '}
          {formatDistanceToNow(new Date(card.updatedAt), { addSuffix: true })}
        </Small>
        <Body>{next}</Body>
        {marks.length > 0 ? (
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 6 }}>
            {marks.map((it) => (
              <Tag key={it.text} text={it.text} tone={it.tone} />
            ))}
          </View>
        ) : null}
      </Ticket>
    </OpenRow>
  );
};

const PutAway = ({ cards }: { readonly cards: readonly Card[] }) => {
  const change = useChange();
  const [shows, setShows] = useState(false);
  if (cards.length === 0) return null;
  return (
    <View style={{ gap: 12 }}>
      <PlainButton
        title={shows ? 'Hide what is put away' : `Put away: ${cards.length}`}
        onPress={() => setShows(!shows)}
      />
      {shows
        ? cards.map(({ pieceId, name, number }) => (
            <Ticket key={pieceId} number={ticketNumber(number)} word="away">
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

/** Takes a piece in from a file. */
const OpenFile = () => {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const choose = async () => {
    const file = await chooseFile('.json,application/json');
    if (!file) return;
    const result = await openFile(file);
    if (result.ok) router.navigate(`/pieces/${result.pieceId}/look`);
    else dispatch(noticed({ text: result.problem, tone: 'vermilion' }));
  };
  return <PlainButton title="Open a piece file" onPress={() => void choose()} />;
};

/** All pieces in the shop; those put away are one tap further. Only what is seen is drawn. */
export const PiecesScreen = () => {
  const router = useRouter();
  const wide = useWide();
  const { data, error, isLoading, refetch } = useCardsQuery();
  const isThere = data !== undefined;
  // While the list is read, the screens behind it come.
  useEffect(() => (isThere ? whenIdle(loadAhead) : undefined), [isThere]);
  const inShop = data?.filter((it) => !it.archived) ?? [];
  const columns = wide ? 2 : 1;
  return (
    <ListScreen
      foot={<MainButton title="Take in a piece" onPress={() => router.navigate('/pieces/new')} />}
    >
      <FlatList
        key={columns}
        data={inShop}
        keyExtractor={(it) => it.pieceId}
        numColumns={columns}
        {...(wide ? { columnWrapperStyle: { gap: 12 } } : {})}
        contentContainerStyle={{ padding: 12, gap: 12, paddingBottom: 24 }}
        initialNumToRender={12}
        windowSize={7}
        renderItem={({ item }) => (
          <View style={wide ? { width: '48.5%' } : {}}>
            <PieceTicket card={item} />
          </View>
        )}
        ListHeaderComponent={
          <View style={{ gap: 12 }}>
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
          </View>
        }
        ListFooterComponent={
          <View style={{ gap: 12 }}>
            <PutAway cards={data?.filter((it) => it.archived) ?? []} />
            <OpenFile />
          </View>
        }
      />
    </ListScreen>
  );
};
