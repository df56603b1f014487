import { DAY } from '@obrik/core/units';
import { CHECKS, DISCOVERIES } from '@obrik/core/catalog';
import { surfaceNames, surfacesOf, type PieceRecord } from '@obrik/core/piece';
import { openChecks } from '@obrik/core/run';
import { inUseFrom, stillOpen, stillWetIn } from '@obrik/core/schedule';
import { ENDING_WORDS, listed } from '@obrik/core/words';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useCase } from '@/api/useCase';
import { useChange, useShop } from '@/api/usePiece';
import { Pictures } from '@/features/look/Pictures';
import { stepAddress } from '@/features/clock/step';
import { useWaitsHere } from '@/features/clock/useWaitsHere';
import { useTimes } from '@/features/shared/useTimes';
import {
  Body,
  Card,
  Heading,
  Label,
  OpenRow,
  PlainButton,
  Small,
  Strong,
  Tag,
  TwoPanes,
} from '@/ui/controls';
import { LeaveBench } from './LeaveBench';

const WORDS = ENDING_WORDS.lastLook;
/** So many open steps are named; near the end there are no more. */
const FIRST_STEPS = 5;

/** What is still open, each a tap from where it is settled. */
const Open = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const router = useRouter();
  const it = useCase(piece);
  const { drying, now } = useWaitsHere(piece);
  const open = stillOpen(it, drying, now);
  const checks = openChecks(piece, stillWetIn(drying, now));
  const names = (ids: readonly string[]) => listed(ids.map(surfaceNames(piece)));
  const isClear =
    open.steps.length +
      open.undecided.length +
      open.leadOpen.length +
      open.unaimed.length +
      open.wet.length +
      checks.length ===
    0;
  return (
    <Card edge={isClear ? 'ink' : 'amber'} style={{ gap: 8 }}>
      <Label heading>{WORDS.open}</Label>
      {open.steps.length === 0 ? <Strong>{WORDS.allDone}</Strong> : null}
      {isClear ? <Body>{WORDS.nothingOpen}</Body> : null}
      {open.steps.length > 0 ? <Strong>{WORDS.steps(open.steps.length)}</Strong> : null}
      {open.steps.slice(0, FIRST_STEPS).map((one) => (
        <OpenRow
          key={one.operationId}
          label={`Open step ${one.number}: ${one.title}`}
          onPress={() => router.navigate(stepAddress(piece.id, one.operationId))}
        >
          <Body>
            {one.number}. {one.title}
          </Body>
        </OpenRow>
      ))}
      {open.steps.length > FIRST_STEPS ? (
        <PlainButton
          title={WORDS.moreSteps(open.steps.length - FIRST_STEPS)}
          onPress={() => router.navigate(`/pieces/${piece.id}/route`)}
        />
      ) : null}
      {open.wet.map((one) => (
        <Body key={`${one.title}-${one.from}`}>{WORDS.wet(one.title)}</Body>
      ))}
      {checks.map((one) => (
        <OpenRow
          key={`${one.check}-${one.endedAt}`}
          label={`At the bench: ${CHECKS.get(one.check).question}`}
          onPress={() => router.navigate(`/pieces/${piece.id}/bench`)}
        >
          <Body>{CHECKS.get(one.check).question}</Body>
          <Small>{one.title}</Small>
        </OpenRow>
      ))}
      {open.undecided.map((kind) => (
        <Body key={kind}>{DISCOVERIES.get(kind).label}. Not decided.</Body>
      ))}
      {open.leadOpen.length > 0 ? (
        <Tag text={WORDS.leadOpen(names(open.leadOpen))} tone="vermilion" />
      ) : null}
      {open.unaimed.length > 0 ? <Small>{WORDS.unaimed(names(open.unaimed))}</Small> : null}
    </Card>
  );
};

/** When it may be used, and what it can't take until then. */
const Use = ({ record }: { readonly record: PieceRecord }) => {
  const times = useTimes();
  const { piece } = record;
  const shop = useShop();
  const { now } = useWaitsHere(piece);
  const { careSheet } = useCase(piece);
  const use = useMemo(() => inUseFrom(piece, shop, now), [piece, shop, now]);
  const days = (at: number) => Math.max(0, Math.ceil((at - now) / DAY));
  return (
    <Card style={{ gap: 8 }}>
      <Label heading>{WORDS.use}</Label>
      {use === undefined ? <Body>{WORDS.noCoat}</Body> : null}
      {use ? (
        <>
          <Body>
            {use.lightUse === null
              ? WORDS.noEnd
              : WORDS.lightUse(times.dayOf(use.lightUse), days(use.lightUse))}
          </Body>
          {use.cured === null ? null : (
            <Body>{WORDS.cured(times.dayOf(use.cured), days(use.cured))}</Body>
          )}
        </>
      ) : null}
      <Label heading>{WORDS.howToTreat}</Label>
      {careSheet.rules.map((it) => (
        <Body key={it}>{it}</Body>
      ))}
    </Card>
  );
};

/** The last look at a piece: side by side, what is open, when it may be used, its papers, and how it leaves. */
export const LastLookScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const router = useRouter();
  const change = useChange();
  const go = (path: 'care' | 'labels' | 'book' | 'costs') =>
    router.navigate(`/pieces/${piece.id}/${path}`);
  return (
    <TwoPanes
      left={
        <>
          <Heading>{WORDS.title}</Heading>
          <Open record={record} />
          <Use record={record} />
          <Card style={{ gap: 8 }}>
            <Label heading>{WORDS.papers}</Label>
            <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
              <PlainButton title="Care sheet" onPress={() => go('care')} />
              <PlainButton title="Labels" onPress={() => go('labels')} />
              <PlainButton title="Job record" onPress={() => go('book')} />
              <PlainButton title="Costs and price" onPress={() => go('costs')} />
            </View>
          </Card>
        </>
      }
      right={
        <>
          <LeaveBench piece={piece} />
          <Label heading>{WORDS.pictures}</Label>
          {surfacesOf(piece).map((surface) => (
            <Card key={surface.id} style={{ gap: 8 }}>
              <Strong>{surface.name}</Strong>
              <Pictures
                piece={piece}
                surface={surface}
                onChange={(it, done) => change(piece.id, it, done)}
              />
            </Card>
          ))}
        </>
      }
    />
  );
};
