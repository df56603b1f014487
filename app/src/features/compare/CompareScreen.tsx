import type { PieceRecord } from '@obrik/core/piece';
import { alternativesFor, whatIfs, type Alternative, type WhatIf } from '@obrik/core/route';
import { showDuration } from '@obrik/core/units';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useChange, useShop } from '@/api/usePiece';
import {
  Body,
  Card,
  Empty,
  Figure,
  Heading,
  Label,
  PlainButton,
  Screen,
  Small,
  Subheading,
  TitleRow,
} from '@/ui/controls';

const days = (it: number): string => `${it} ${it === 1 ? 'day' : 'days'}`;
const money = (minor: number): string => (minor / 100).toFixed(2);
const percent = (chance: number): string => `${Math.round(chance * 100)} %`;
const signed = (it: number, words: string): string => `${it > 0 ? '+' : '−'}${words}`;

const AlternativeCard = ({
  it,
  onTake,
}: {
  readonly it: Alternative;
  readonly onTake: (() => void) | undefined;
}) => (
  <Card
    edge={onTake ? undefined : 'amber'}
    style={{ gap: 8, flexGrow: 1, flexShrink: 1, flexBasis: 260, minWidth: 0, maxWidth: '100%' }}
  >
    <Subheading>{it.title}</Subheading>
    <Figure>
      {showDuration(it.minutes)} of work · {days(it.days)} · {money(it.money)}
    </Figure>
    <Body>{it.because}</Body>
    <View>
      <Label>May go wrong</Label>
      {it.risks.length === 0 ? <Small>Nothing that the looks so far speak for.</Small> : null}
      {it.risks.map((risk) => (
        <Small key={risk.label}>
          {risk.label}: {percent(risk.chance)}, {risk.where.toLowerCase()}
        </Small>
      ))}
    </View>
    <View>
      <Label>Can hurt</Label>
      <Small>{it.hazards.join(', ')}</Small>
    </View>
    {onTake ? (
      <PlainButton
        title="Take this way"
        label={`Take this way: ${it.title}`}
        style={{ marginTop: 'auto' }}
        onPress={onTake}
      />
    ) : null}
  </Card>
);

const changeInWords = ({ minutes, days: more, money: cost }: WhatIf): string =>
  [
    minutes === 0 ? '' : signed(minutes, showDuration(Math.abs(minutes))),
    more === 0 ? '' : signed(more, days(Math.abs(more))),
    cost === 0 ? '' : signed(cost, money(Math.abs(cost))),
  ]
    .filter(Boolean)
    .join(' · ');

/** Compare: whole-piece ways side by side, and what working otherwise would change. */
export const CompareScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const router = useRouter();
  const shop = useShop();
  const change = useChange();
  const ways = useMemo(() => alternativesFor(piece, shop), [piece, shop]);
  const otherwise = useMemo(
    () => (piece.aims.length > 0 ? whatIfs(piece, shop) : []),
    [piece, shop],
  );
  const take = async (it: Alternative) => {
    const surfaceIds = it.aims.map((aim) => aim.surfaceId);
    const done = await change(
      piece.id,
      { kind: 'aim', surfaceIds, aims: [...it.aims] },
      `Aimed: ${it.title.toLowerCase()}.`,
    );
    if (done) router.navigate(`/pieces/${piece.id}/route`);
  };
  return (
    <Screen
      foot={
        <PlainButton
          title="Back to the aims"
          onPress={() => router.navigate(`/pieces/${piece.id}/aim`)}
        />
      }
    >
      <Heading>Compare</Heading>
      <Small>
        Materials by the catalog’s placeholder prices, coatings and stripper only. Days: one person,
        eight hours a day, waits by the label.
      </Small>
      {ways.length === 0 ? (
        <Empty
          title="Nothing to compare"
          text="Every whole-piece way is refused on some surface."
        />
      ) : (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
          {ways.map((it) => (
            <AlternativeCard
              key={it.id}
              it={it}
              onTake={it.id === 'as-aimed' ? undefined : () => void take(it)}
            />
          ))}
        </View>
      )}
      {otherwise.length > 0 ? (
        <Card style={{ gap: 8 }}>
          <Label heading>If you worked otherwise</Label>
          {otherwise.map((it) => (
            <TitleRow key={it.title} title={it.title} figure={changeInWords(it)} />
          ))}
          <PlainButton title="How you work" onPress={() => router.navigate('/settings')} />
        </Card>
      ) : null}
    </Screen>
  );
};
