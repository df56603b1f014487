import { dayInWords } from '@obrik/core/clock';
import { DISCOVERIES, REMEDIES } from '@obrik/core/catalog';
import type { Change } from '@obrik/core/ledger';
import { linesOf, pieceDescription, surfaceNames, type PieceRecord } from '@obrik/core/piece';
import { beforeAndAfter, plannedAgainstActual, timedOf } from '@obrik/core/run';
import { showDuration } from '@obrik/core/units';
import { ENDING_WORDS, phaseInWords, capital } from '@obrik/core/words';
import { nanoid } from '@reduxjs/toolkit';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useChange, useChanges } from '@/api/usePiece';
import { CostSums } from '@/features/costs/CostRows';
import { usePieceCost } from '@/features/costs/usePieceCost';
import { Photo } from '@/features/shared/Photo';
import { useMoney } from '@/features/shared/useMoney';
import { useTimes } from '@/features/shared/useTimes';
import {
  Body,
  Card,
  Heading,
  Label,
  Loading,
  MainButton,
  PlainButton,
  Small,
  Strong,
  Tag,
  TwoPanes,
} from '@/ui/controls';
import { useStage } from './useStage';

const WORDS = ENDING_WORDS.story;

/** Before and after, side by side. */
const SideBySide = ({ record }: { readonly record: PieceRecord }) => {
  const times = useTimes();
  const { piece } = record;
  const pictures = beforeAndAfter(piece);
  const nameOf = surfaceNames(piece);
  if (pictures.length === 0) return <Small>{WORDS.noPictures}</Small>;
  return pictures.map(({ surfaceId, before, after }) => (
    <Card key={surfaceId} style={{ gap: 6 }}>
      <Strong>{nameOf(surfaceId)}</Strong>
      <View style={{ flexDirection: 'row', gap: 8 }}>
        {[
          { it: before, word: 'Before' },
          { it: after, word: 'After' },
        ].map(({ it, word }) => (
          <View key={word} style={{ flex: 1, gap: 4 }}>
            <Photo
              photoId={it.photoId}
              label={`${word}: ${nameOf(surfaceId)}`}
              width="100%"
              height={150}
            />
            <Small>
              {word}, {times.clock.day(new Date(it.at))}
            </Small>
          </View>
        ))}
      </View>
    </Card>
  ));
};

/** What the work on it taught: pace and surprises. */
const Taught = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const paces = plannedAgainstActual(timedOf([piece]));
  const surprises = linesOf(piece.log, 'discovery');
  const early = linesOf(piece.log, 'early').length;
  return (
    <Card style={{ gap: 6 }}>
      <Label heading>{WORDS.taught}</Label>
      {paces.length === 0 ? <Body>{WORDS.noPace}</Body> : null}
      {paces.map((it) => (
        <Body key={`${it.kind}-${it.by}`}>
          {WORDS.pace(
            capital(phaseInWords(it.kind)),
            showDuration(it.plannedMinutes),
            showDuration(it.actualMinutes),
          )}
        </Body>
      ))}
      {surprises.length === 0 ? <Body>{WORDS.noSurprise}</Body> : null}
      {surprises.map((it) => (
        <Body key={it.id}>
          {WORDS.surprise(
            DISCOVERIES.get(it.kind).label,
            it.remedy ? REMEDIES.get(it.remedy).label : null,
          )}
        </Body>
      ))}
      {early > 0 ? <Body>{WORDS.early(early)}</Body> : null}
    </Card>
  );
};

/** The story of a piece that left the bench: before and after, costs, what it taught, and the ways back. */
export const StoryScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const router = useRouter();
  const change = useChange();
  const put = useChanges();
  const money = useMoney();
  const { words } = useStage(piece);
  const told = usePieceCost(piece);
  const { ending, account } = piece;
  const { sold } = account;
  const reopen = async () => {
    const changes: readonly Change[] = [
      { kind: 'end', ending: null },
      ...(sold ? [{ kind: 'account' as const, account: { sold: null } }] : []),
    ];
    if (await put(piece.id, changes, `${piece.name} is back on the bench.`)) {
      router.replace(`/pieces/${piece.id}/route`);
    }
  };
  const duplicate = async () => {
    const id = nanoid();
    const description = pieceDescription.parse({ ...piece, due: null, origin: '' });
    const { aims } = piece;
    const changes: readonly Change[] = [
      { kind: 'takenIn', description },
      ...(aims.length > 0
        ? [{ kind: 'aim' as const, surfaceIds: aims.map((it) => it.surfaceId), aims }]
        : []),
    ];
    if (await put(id, changes, `${piece.name}: a new piece like it.`)) {
      router.navigate(`/pieces/${id}/walk`);
    }
  };
  return (
    <TwoPanes
      left={
        <>
          <Heading>{piece.name}</Heading>
          <Tag text={words} tone="moss" />
          {ending?.kind === 'handedOver' ? (
            <Body>{WORDS.handedOver(ending.to, dayInWords(ending.on))}</Body>
          ) : null}
          {ending?.kind === 'forSale' && !sold ? (
            <Body>{WORDS.forSale(dayInWords(ending.since))}</Body>
          ) : null}
          {sold ? <Body>{WORDS.sold(money.show(sold.price), dayInWords(sold.on))}</Body> : null}
          <SideBySide record={record} />
          <Taught record={record} />
        </>
      }
      right={
        <>
          {told ? <CostSums cost={told.cost} /> : <Loading what="the costs" doing="Working out" />}
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            <PlainButton
              title="Job record"
              onPress={() => router.navigate(`/pieces/${piece.id}/book`)}
            />
            <PlainButton
              title="Care sheet"
              onPress={() => router.navigate(`/pieces/${piece.id}/care`)}
            />
            <PlainButton title="Work on it again" onPress={() => void reopen()} />
            <PlainButton title="New piece like it" onPress={() => void duplicate()} />
          </View>
        </>
      }
      foot={
        piece.archived ? (
          <MainButton
            title="Bring it back"
            onPress={() => void change(piece.id, { kind: 'restore' }, `${piece.name} is back.`)}
          />
        ) : sold || ending?.kind === 'handedOver' ? (
          <MainButton
            title="Archive"
            onPress={() => void change(piece.id, { kind: 'archive' }, `${piece.name}: archived.`)}
          />
        ) : (
          <MainButton
            title="Last look"
            onPress={() => router.navigate(`/pieces/${piece.id}/last-look`)}
          />
        )
      }
    />
  );
};
