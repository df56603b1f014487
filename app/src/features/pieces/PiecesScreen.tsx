import { ticketNumber, yearsInWords } from '@obrik/core/ticket';
import { formatDistance } from 'date-fns/formatDistance';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { FlatList, View } from 'react-native';
import { shopNow, type ListCard } from '@/device';
import { chooseFile } from '@/features/shared/chooseFile';
import { loadScreenBundle, useScreenBundle } from '@/features/shell/screenBundleLoader';
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
  Options,
  PlainButton,
  Small,
  Tag,
  Ticket,
  TitleRow,
} from '@/ui/controls';
import { cardWords } from './card';
import { PiecePicture } from './PiecePicture';
import { FILTERS, SORTS, sift, type Filter, type Sort } from './sift';
import { useCards } from './useCards';

const PieceTicket = ({ card }: { readonly card: ListCard }) => {
  const router = useRouter();
  const { stub, next, work, tags, opensAt } = cardWords(card.planned);
  const marks = [
    ...tags,
    ...(card.conflicts > 0 ? [{ text: 'Changed on two devices', tone: 'vermilion' as const }] : []),
    ...(card.waiting ? [{ text: 'Not yet at the shop', tone: 'slate' as const }] : []),
  ];
  return (
    <OpenRow
      label={`Open ${card.name}`}
      onPress={() => router.navigate(`/pieces/${card.pieceId}/${opensAt}`)}
    >
      <Ticket number={ticketNumber(card.number)} word={stub}>
        <View style={{ flexDirection: 'row', gap: 10 }}>
          <View style={{ flex: 1, gap: 4 }}>
            <TitleRow title={card.name} figure={work} />
            <Small>
              {yearsInWords(card)} · changed{' '}
              {formatDistance(new Date(card.updatedAt), shopNow(), { addSuffix: true })}
            </Small>
            <Body>{next}</Body>
          </View>
          <PiecePicture card={card} />
        </View>
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

/** Takes a piece in from a file. */
const OpenFile = () => {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const choose = async () => {
    const file = await chooseFile('.json,application/json');
    if (!file) return;
    const result = await (await loadScreenBundle()).openPieceFile(file);
    if (result.ok) router.navigate(`/pieces/${result.pieceId}/look`);
    else dispatch(noticed({ text: result.problem, tone: 'vermilion' }));
  };
  return <PlainButton title="Open a piece file" onPress={() => void choose()} />;
};

const NEVER_ASKED = {
  offline:
    'No connection to the shop’s server, and this device has not seen the pieces yet. Try again when it is back.',
  unpaired: 'The shop does not know this device yet. Pair it, and the pieces are here.',
} as const;

/** All pieces in the shop; those put away are one tap further. Only what is seen is drawn. */
export const PiecesScreen = () => {
  const router = useRouter();
  const wide = useWide();
  const bundle = useScreenBundle();
  const { cards, failed, again, told } = useCards();
  const [filter, setFilter] = useState<Filter>('all');
  const [sort, setSort] = useState<Sort>('number');
  const [sifting, setSifting] = useState(false);
  const all = useMemo(() => sift(cards ?? [], 'all', 'number'), [cards]);
  const inShop = useMemo(() => sift(cards ?? [], filter, sort), [cards, filter, sort]);
  const columns = wide ? 2 : 1;
  return (
    <ListScreen
      foot={<MainButton title="Add a piece" onPress={() => router.navigate('/pieces/new')} />}
    >
      {bundle ? <bundle.LiveCards told={told} /> : null}
      <FlatList
        key={columns}
        data={inShop}
        keyExtractor={(it) => it.pieceId}
        numColumns={columns}
        {...(wide ? { columnWrapperStyle: { gap: 12 } } : {})}
        contentContainerStyle={{ padding: 12, gap: 12, paddingBottom: 24 }}
        initialNumToRender={wide ? 8 : 6}
        windowSize={7}
        renderItem={({ item }) => (
          <View style={wide ? { width: '48.5%' } : {}}>
            <PieceTicket card={item} />
          </View>
        )}
        ListHeaderComponent={
          <View style={{ gap: 12 }}>
            <Heading>Pieces</Heading>
            {cards || failed ? null : <Loading what="the pieces" />}
            {failed ? (
              <Failure text={NEVER_ASKED[failed]} onRetry={bundle?.tryNow ?? again} />
            ) : null}
            {cards && all.length === 0 ? (
              <Empty
                title="No piece in the shop"
                text="Add one: a name, its measurements, roughly how old it is. Then walk round it."
              />
            ) : null}
            {all.length > 0 ? (
              <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
                <Small style={{ flex: 1 }}>Left: surfaces settled. Right: hands-on time.</Small>
                <PlainButton
                  title={filter === 'all' && sort === 'number' ? 'Filter and sort' : 'Filtered'}
                  onPress={() => setSifting(!sifting)}
                />
              </View>
            ) : null}
            {sifting ? (
              <View style={{ gap: 8 }}>
                <Options label="Show" options={FILTERS} chosen={filter} onChoose={setFilter} />
                <Options label="Order" options={SORTS} chosen={sort} onChoose={setSort} />
              </View>
            ) : null}
            {all.length > 0 && inShop.length === 0 ? <Body>No piece is like that now.</Body> : null}
          </View>
        }
        ListFooterComponent={
          <View style={{ gap: 12 }}>
            {bundle ? <bundle.PutAway cards={cards?.filter((it) => it.archived) ?? []} /> : null}
            <OpenFile />
          </View>
        }
      />
    </ListScreen>
  );
};
