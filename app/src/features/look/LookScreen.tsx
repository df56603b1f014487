import { inspectionTest, type InspectionTest } from '@obrik/core/catalog';
import { stateOf, walkRound } from '@obrik/core/inspect';
import {
  canBeCopied,
  canSpeakForMore,
  surfacesOf,
  type Observation,
  type PieceRecord,
} from '@obrik/core/piece';
import { type PieceChange } from '@obrik/core/ledger';
import { showArea } from '@obrik/core/units';
import { nanoid } from '@reduxjs/toolkit';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useCase } from '@/api/useCase';
import { useChange, useShop } from '@/api/usePiece';
import {
  Body,
  Card,
  Label,
  PlainButton,
  Small,
  Subheading,
  Tag,
  TwoPanes,
  useWide,
} from '@/ui/controls';
import { UnfoldedPiece } from '@/ui/drawings';
import { AlsoOn } from './AlsoOn';
import { MarkDamage } from './MarkDamage';
import { RiskLines } from '@/features/shared/RiskLines';
import { marksOf } from '@/features/shared/marks';
import { numbered, useKeys } from '@/features/shared/useKeys';
import { useObserve } from '@/features/shared/useObserve';
import { shopNow } from '@/device';
import { Recorded } from './Recorded';
import { SameAsTwin } from './SameAsTwin';
import { SurfaceFacts } from './SurfaceFacts';
import { TestCard } from './TestCard';

/** Look: what each surface is made of and covered with, reasoned from what was seen. */
export const LookScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const router = useRouter();
  const { surface: wanted } = useLocalSearchParams<{ surface?: string }>();
  const shop = useShop();
  const change = useChange();
  const wide = useWide();
  const observeOn = useObserve(piece.id);
  const [marking, setMarking] = useState(false);
  const [unfolded, setUnfolded] = useState(wanted === undefined);
  const folded = !wide && !unfolded;
  const [alsoOn, setAlsoOn] = useState<readonly string[]>([]);
  const [paintedAlike, setPaintedAlike] = useState<readonly string[]>([]);
  const surfaces = useMemo(() => surfacesOf(piece), [piece]);
  const it = useCase(piece);
  const all = it.beliefs;
  const marks = useMemo(() => marksOf(piece, all), [piece, all]);
  const canWalk = useMemo(() => walkRound(piece).length > 0, [piece]);
  const index = Math.max(
    0,
    surfaces.findIndex((it) => it.id === wanted),
  );
  const surface = surfaces[index];
  const beliefs = all[index];
  const surfaceId = surface?.id ?? '';
  const advice = it.advice(surfaceId);
  const risks = it.route.operations
    .flatMap((one) => one.risks)
    .filter((one) => one.surfaceId === surfaceId);

  const select = (surfaceId: string) => {
    setMarking(false);
    setUnfolded(false);
    setAlsoOn([]);
    setPaintedAlike([]);
    router.setParams({ surface: surfaceId });
  };
  const step = (by: number) =>
    select(surfaces[(index + by + surfaces.length) % surfaces.length]?.id ?? surfaceId);
  const make = (it: PieceChange, done: string) => change(piece.id, it, done);
  const observe = (seen: Observation) => {
    const test = inspectionTest(seen.testId);
    const isLook = test !== undefined && canBeCopied(test) && seen.layer === null;
    const isSample = test !== undefined && canSpeakForMore(test);
    return observeOn(seen, isSample ? paintedAlike : isLook ? alsoOn : []);
  };
  const [advised, ...others] = advice;
  const answer = (outcome: string): void =>
    void observe({
      id: nanoid(),
      surfaceId,
      testId: advised?.test.id ?? '',
      outcome,
      value: null,
      layer: advised?.layer ?? null,
      at: shopNow().toISOString(),
      by: '',
    });
  useKeys(
    {
      ArrowRight: () => step(1),
      ArrowLeft: () => step(-1),
      d: () => setMarking(true),
      ...numbered(
        advised && advised.test.kind !== 'reading'
          ? advised.test.outcomes.map((it) => () => answer(it.id))
          : [],
      ),
    },
    'Keys: ← → go from surface to surface, 1–9 answer what is asked, D marks a damage.',
  );
  if (!surface || !beliefs) return null;
  const suspect = ['open', 'found'].includes(beliefs.leadStatus.kind);
  const card = (test: InspectionTest) => (
    <TestCard
      key={`${surface.id}-${test.id}`}
      test={test}
      pieceId={piece.id}
      surfaceId={surface.id}
      surfaceName={surface.name}
      units={shop.units}
      knownLayers={piece.layers.filter((it) => it.surfaceId === surface.id).length}
      suspect={suspect}
      onRecord={observe}
    />
  );
  const looks = stateOf(beliefs);
  const settled = all.filter((it) => stateOf(it) === 'settled').length;
  const recorded = (
    <Recorded
      piece={piece}
      surface={surface}
      beliefs={beliefs}
      units={shop.units}
      onChange={make}
    />
  );

  const header = (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
      <PlainButton title="‹" label="Surface before" onPress={() => step(-1)} />
      <View style={{ flex: 1, alignItems: 'center' }}>
        <Subheading level={1}>
          {surface.name}
          {surface.count > 1 ? ` ×${surface.count}` : ''}
        </Subheading>
        <Small>{showArea(surface.areaMm2, shop.units)}</Small>
      </View>
      <PlainButton title="›" label="Next surface" onPress={() => step(1)} />
    </View>
  );
  const drawing = (
    <>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center' }}>
        <Label heading>Tap a surface</Label>
        <Tag
          text={`${settled} of ${all.length} settled`}
          tone={settled === all.length ? 'moss' : 'amber'}
        />
      </View>
      <UnfoldedPiece
        piece={piece}
        marks={marks}
        selected={new Set([surface.id])}
        onSelect={select}
        maxHeight={wide ? 400 : 230}
      />
      <Small>✓ settled · ? open · ! conflict · red discs: damages</Small>
      {canWalk ? (
        <PlainButton
          title="Walk round: many surfaces at once"
          onPress={() => router.navigate(`/pieces/${piece.id}/walk`)}
        />
      ) : null}
    </>
  );
  // On a phone the question stands under the surface that it is about; the drawing is one tap away.
  const strip = (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
      <View style={{ flex: 1 }}>{header}</View>
      <PlainButton title="Drawing" label="Show the drawing" onPress={() => setUnfolded(true)} />
    </View>
  );

  return (
    <TwoPanes
      left={
        <>
          {folded ? strip : drawing}
          {wide ? recorded : null}
        </>
      }
      right={
        <>
          <Card style={{ gap: 10 }}>
            {folded ? null : header}
            <SameAsTwin piece={piece} surface={surface} />
            {advised ? (
              <View style={{ gap: 6 }}>
                <Label heading>
                  {looks === 'settled' ? 'Enough to plan. One more would still pay:' : 'Do next'}
                </Label>
                <TestCard
                  key={`${surface.id}-${advised.test.id}-${advised.layer ?? ''}`}
                  test={advised.test}
                  pieceId={piece.id}
                  surfaceId={surface.id}
                  surfaceName={surface.name}
                  units={shop.units}
                  layer={advised.layer ?? undefined}
                  couldChange={advised.couldChange}
                  startsOpen
                  onRecord={observe}
                />
              </View>
            ) : (
              <Body>
                {looks === 'settled'
                  ? 'Enough to plan: no further test here is worth the time.'
                  : 'No further test here is worth the time. Go on to the next surface.'}
              </Body>
            )}
            <AlsoOn
              of="looks"
              key={`${surface.id}-also`}
              surfaces={surfaces.filter((it) => it.id !== surface.id)}
              chosen={alsoOn}
              onChoose={setAlsoOn}
            />
            {others.length > 0 ? (
              <Small>
                Then:{' '}
                {others
                  .slice(0, 3)
                  .map((it) => `${it.test.title.toLowerCase()} (${it.test.minutes} min)`)
                  .join(' · ')}
              </Small>
            ) : null}
            {risks.length > 0 ? (
              <View>
                <Label heading>May go wrong with the finish chosen</Label>
                <RiskLines piece={piece} risks={risks} />
              </View>
            ) : null}
            <SurfaceFacts
              piece={piece}
              surface={surface}
              beliefs={beliefs}
              paintedAlike={paintedAlike}
              onPaintedAlike={setPaintedAlike}
              onChange={make}
              renderTest={card}
            />
            {marking ? (
              <MarkDamage
                piece={piece}
                units={shop.units}
                surface={surface}
                onChange={make}
                onClose={() => setMarking(false)}
              />
            ) : (
              <PlainButton title="Mark damage" onPress={() => setMarking(true)} />
            )}
            {wide ? null : recorded}
          </Card>
          <View style={{ flexDirection: 'row', gap: 8 }}>
            <PlainButton
              title="What we know"
              style={{ flex: 1 }}
              onPress={() => router.navigate(`/pieces/${piece.id}/known`)}
            />
            <PlainButton
              title="Hardware"
              style={{ flex: 1 }}
              onPress={() => router.navigate(`/pieces/${piece.id}/hardware`)}
            />
          </View>
        </>
      }
    />
  );
};
