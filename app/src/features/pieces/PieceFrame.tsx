import { ticketNumber, yearsInWords } from '@obrik/core/ticket';
import type { PieceLedger } from '@obrik/core/ledger';
import type { Piece } from '@obrik/core/piece';
import type { Stage } from '@obrik/core/schedule';
import { Text } from '@rneui/themed';
import { useLocalSearchParams, usePathname, useRouter, type Href } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useShopQuery, useWaitingQuery } from '@/api/api';
import { usePieceRecord } from '@/api/usePiece';
import { Conflicts } from '@/features/history/Conflicts';
import { Doubled } from '@/features/history/Doubled';
import { useStage } from '@/features/ending/useStage';
import { titleAt } from '@/features/shell/titles';
import { useTitle } from '@/features/shell/useTitle';
import { Empty, Failure, Loading, PlaceLink, Screen, Small, TabLinks, Tag } from '@/ui/controls';
import { FONTS, TARGET, usePalette, type Tone } from '@/ui/theme';

const STATIONS = [
  { path: 'look', title: 'Look' },
  { path: 'aim', title: 'Aim' },
  { path: 'route', title: 'Route' },
  { path: 'clock', title: 'Clock' },
  { path: 'bench', title: 'Bench' },
  { path: 'costs', title: 'Costs' },
] as const;

const STAGE_TONES: Readonly<Record<Stage['kind'], Tone>> = {
  looking: 'plain',
  planned: 'slate',
  underWay: 'amber',
  waiting: 'slate',
  finished: 'moss',
  forSale: 'moss',
  handedOver: 'moss',
  sold: 'moss',
};

/** The stations of a piece, in the order of work; one that has left the bench has its story first. */
const Stations = ({ piece }: { readonly piece: Piece }) => {
  const here = usePathname();
  const pieceId = piece.id;
  const { stage, words } = useStage(piece);
  const isGone = stage.kind === 'handedOver' || stage.kind === 'sold' || stage.kind === 'forSale';
  const stations = isGone ? [{ path: 'story', title: 'Story' }, ...STATIONS] : STATIONS;
  return (
    <>
      <View style={{ flexDirection: 'row', paddingHorizontal: 12 }}>
        <Tag text={words} tone={STAGE_TONES[stage.kind]} />
      </View>
      <TabLinks
        label="Stations of this piece"
        tabs={stations.map(({ path, title }) => ({
          href: `/pieces/${pieceId}/${path}` as Href,
          title,
          current: here.endsWith(`/${path}`),
        }))}
      />
    </>
  );
};

/** A way to something about the piece that is no station. */
const TopLink = ({
  pieceId,
  path,
  label,
  title,
}: {
  readonly pieceId: string;
  readonly path: string;
  readonly label: string;
  readonly title: string;
}) => {
  const palette = usePalette();
  return (
    <PlaceLink
      href={`/pieces/${pieceId}/${path}`}
      label={label}
      style={{
        minHeight: TARGET,
        minWidth: TARGET,
        paddingLeft: 12,
        alignItems: 'flex-end',
        justifyContent: 'center',
      }}
    >
      <Text style={{ fontFamily: FONTS.headBold, fontSize: 16, color: palette.amber }}>
        {title}
      </Text>
    </PlaceLink>
  );
};

interface PieceFrameProps {
  readonly children: (record: PieceLedger) => ReactNode;
  /** Only the matter, for paper. */
  readonly bare?: boolean;
}

/** What stands above every screen of a piece; shows what is the matter until it is there. */
export const PieceFrame = ({ children, bare }: PieceFrameProps) => {
  const palette = usePalette();
  const router = useRouter();
  const { pieceId } = useLocalSearchParams<{ pieceId: string }>();
  const { record, isLoading, failure, reload } = usePieceRecord(pieceId);
  const waits = useWaitingQuery().data?.about.includes(pieceId) ?? false;
  const { isLoading: shopLoads } = useShopQuery();
  useTitle(titleAt(usePathname()), record?.piece.name ?? '');
  // In other units what a form holds would mean something else.
  if (isLoading || shopLoads)
    return (
      <Screen>
        <Loading what="the piece" />
      </Screen>
    );
  if (failure)
    return (
      <Screen narrow>
        <Failure text={failure} onRetry={reload} />
      </Screen>
    );
  if (!record) {
    return (
      <Screen narrow>
        <Empty
          alone
          title="No such piece"
          text="There is none at this address. It may have been deleted for good."
          action={{ title: 'Back to pieces', onPress: () => router.navigate('/pieces') }}
        />
      </Screen>
    );
  }
  if (bare) return children(record);
  const { piece, number, conflicts } = record;
  return (
    <View style={{ flex: 1 }}>
      <View
        role="banner"
        style={{
          backgroundColor: palette.paper,
          borderBottomWidth: 1,
          borderBottomColor: palette.line,
          paddingTop: 4,
        }}
      >
        <View
          style={{
            flexDirection: 'row',
            flexWrap: 'wrap',
            justifyContent: 'flex-end',
            alignItems: 'center',
            paddingHorizontal: 12,
          }}
        >
          <Small style={{ flexGrow: 1, flexShrink: 1, flexBasis: 150 }}>
            {ticketNumber(number)} · {piece.name}, {yearsInWords(piece)}
            {waits ? ' · saved here, not yet at the shop' : ''}
          </Small>
          <TopLink pieceId={pieceId} path="history" label="History of this piece" title="History" />
          <TopLink pieceId={pieceId} path="files" label="Files of this piece" title="Files" />
          <TopLink pieceId={pieceId} path="edit" label="Edit the description" title="Edit" />
        </View>
        <Stations piece={piece} />
      </View>
      {conflicts.length > 0 ? <Conflicts record={record} /> : null}
      {record.doubled.length > 0 ? <Doubled record={record} /> : null}
      {children(record)}
    </View>
  );
};
