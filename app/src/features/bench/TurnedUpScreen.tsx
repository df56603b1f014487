import { DISCOVERIES, REMEDIES, type DiscoveryKind } from '@obrik/core/catalog';
import {
  facesOf,
  linesOf,
  surfaceNames,
  surfacesOf,
  type Finding,
  type Piece,
  type PieceRecord,
} from '@obrik/core/piece';
import { changesFor, type Found, type RemedyChoice } from '@obrik/core/run';
import { listed } from '@obrik/core/words';
import { nanoid } from '@reduxjs/toolkit';
import { Input } from '@rneui/themed';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useCase } from '@/api/useCase';
import { useChanges, useShop } from '@/api/usePiece';
import { personName, shopNow } from '@/device';
import {
  BenchButton,
  Body,
  Card,
  Caution,
  Heading,
  Label,
  Loading,
  Option,
  Options,
  TwoPanes,
  Small,
} from '@/ui/controls';
import { FacePlace } from '@/ui/drawings';
import { usePlan } from '@/workers/usePlan';
import { KindPicker, likelyAt } from './KindPicker';
import { RemedyCard } from './RemedyCard';

interface WaysProps {
  readonly piece: Piece;
  readonly found: Found;
  readonly onTake: (way: RemedyChoice) => void;
}

/** The ways to go on, each with its route against the one as it is. */
const Ways = ({ piece, found, onTake }: WaysProps) => {
  const shop = useShop();
  const more = useMemo((): [Found] => [found], [found]);
  const ways = usePlan('remedies', piece, shop, more);
  if (!ways) return <Loading what="the ways to go on" />;
  const usual = ways.find((it) => it.refusals.length === 0);
  return (
    <>
      {usual?.isLastResort ? (
        <Body>
          There is no way to what was aimed at. These two do the least harm; each says what it does
          not do.
        </Body>
      ) : null}
      {ways.map((it) => (
        <RemedyCard
          key={it.remedy}
          piece={piece}
          option={it}
          currency={shop.money.currency}
          usual={it === usual}
          onTake={() => onTake(it)}
        />
      ))}
    </>
  );
};

/** Something turned up: what it is, where, and how to go on, seen before it is taken. */
export const TurnedUpScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const router = useRouter();
  const put = useChanges();
  const asked = useLocalSearchParams<{
    kind?: DiscoveryKind;
    id?: string;
    on?: string;
    at?: string;
  }>();
  const putOff = linesOf(piece.log, 'discovery').find((it) => it.id === asked.id);
  const { state, route } = useCase(piece);
  const [kind, setKind] = useState<DiscoveryKind | undefined>(
    putOff?.kind ?? (asked.kind && DISCOVERIES.ids.includes(asked.kind) ? asked.kind : undefined),
  );
  const known = surfacesOf(piece).map((it) => it.id);
  const [on, setOn] = useState<readonly string[]>(
    putOff?.surfaceIds ?? (asked.on ?? '').split(',').filter((id) => known.includes(id)),
  );
  const [answer, setAnswer] = useState<string>();
  const [place, setPlace] = useState<Finding['place']>(null);
  const [note, setNote] = useState(putOff?.note ?? '');
  const [id] = useState(putOff?.id ?? nanoid);
  const [at] = useState(() => putOff?.at ?? shopNow().toISOString());
  const nameOf = surfaceNames(piece);
  const taskKeys = useMemo(() => (asked.at ?? '').split('|').filter(Boolean), [asked.at]);
  const likely = likelyAt(route.tasks.filter((it) => taskKeys.includes(it.key)));
  const row = kind && DISCOVERIES.get(kind);
  const isAnswered = !row?.asks || answer !== undefined || putOff !== undefined;
  const found = useMemo(
    (): Found | undefined =>
      kind && on.length > 0 && isAnswered
        ? {
            id,
            kind,
            answer: answer ?? null,
            surfaceIds: on,
            taskKeys,
            place,
            note: note.trim().slice(0, 500),
            at,
            by: personName(),
          }
        : undefined,
    [kind, on, isAnswered, id, answer, taskKeys, place, note, at],
  );
  const home = () => router.navigate(`/pieces/${piece.id}/bench`);
  const take = async (way: RemedyChoice) => {
    const said = `${REMEDIES.get(way.remedy).label}: the route is planned with it.`;
    if (await put(piece.id, way.changes, said)) home();
  };
  const later = async () => {
    if (!found) return;
    const changes = changesFor(found, null, { piece, state, tasks: route.tasks });
    if (await put(piece.id, changes, 'Put off. It comes before anything else there.')) home();
  };
  const toggle = (surfaceId: string) =>
    setOn(on.includes(surfaceId) ? on.filter((it) => it !== surfaceId) : [...on, surfaceId]);
  const face = facesOf(piece).find((it) => it.surfaceId === on[0]);
  return (
    <TwoPanes
      left={
        <>
          <Heading>{row ? row.label : 'What turned up?'}</Heading>
          {!row ? <KindPicker likely={likely} onChoose={setKind} /> : null}
          {row ? (
            <>
              <Card edge="amber" style={{ gap: 6 }}>
                <Label heading>Now</Label>
                <Body style={{ fontSize: 20, lineHeight: 27 }}>{row.now}</Body>
              </Card>
              {row.caution ? (
                <Caution
                  text={row.caution}
                  lastWord="Local code and licensed practice have the last word."
                />
              ) : null}
              {putOff ? null : (
                <>
                  <Label heading>Where?</Label>
                  <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
                    {known.map((surfaceId) => (
                      <Option
                        key={surfaceId}
                        role="checkbox"
                        title={nameOf(surfaceId)}
                        chosen={on.includes(surfaceId)}
                        onPress={() => toggle(surfaceId)}
                      />
                    ))}
                  </View>
                  {face && on[0] ? (
                    <>
                      <Small>
                        Tap the place on the {nameOf(on[0]).toLowerCase()}, if it matters.
                      </Small>
                      <FacePlace
                        face={face}
                        name={nameOf(on[0])}
                        place={place}
                        onPlace={setPlace}
                      />
                    </>
                  ) : null}
                  {row.asks ? (
                    <>
                      <Label heading>{row.asks.question}</Label>
                      <Options
                        label={row.asks.question}
                        options={row.asks.answers.map((it) => ({ value: it.id, title: it.label }))}
                        chosen={answer}
                        onChoose={setAnswer}
                      />
                    </>
                  ) : null}
                  <Input label="Note" aria-label="Note" value={note} onChangeText={setNote} />
                </>
              )}
            </>
          ) : null}
          {row && !putOff ? (
            <BenchButton title="Something else" onPress={() => setKind(undefined)} />
          ) : null}
          {row ? null : (
            <BenchButton
              title="Time, hands, material or air"
              label="Time, hands, material or air: it takes longer, somebody is away, something is missing, the air turned"
              onPress={() => router.navigate('/came-up')}
            />
          )}
        </>
      }
      right={
        <>
          {found && row ? (
            <>
              <Label heading>How to go on · {listed(on.map(nameOf))}</Label>
              <Ways piece={piece} found={found} onTake={(way) => void take(way)} />
              {putOff ? null : <BenchButton title="Decide later" onPress={() => void later()} />}
            </>
          ) : null}
          {row ? null : (
            <Body>
              Choose what it is. What to do at once comes first, then where, then the ways to go on
              with what each of them takes.
            </Body>
          )}
          {row && !found ? (
            <Body>
              {on.length === 0 ? 'Say where' : 'Answer the question'}, and the ways to go on are
              worked out.
            </Body>
          ) : null}
        </>
      }
    />
  );
};
