import { inspectionTest } from '@obrik/core/catalog';
import { canBeCopied, surfacesOf, type Observation, type Piece } from '@obrik/core/piece';
import { outcomeInWords, counted } from '@obrik/core/words';
import { nanoid } from '@reduxjs/toolkit';
import { useState } from 'react';
import { View } from 'react-native';
import { useChanges } from '@/api/usePiece';
import { shopNow } from '@/device';
import { MainButton, Option, PlainButton, Small } from '@/ui/controls';

interface SameElsewhereProps {
  readonly piece: Piece;
  readonly observation: Observation;
}

/** Surfaces on which this test was not made yet; parts of the same kind are taken to be alike. */
const candidates = (piece: Piece, { surfaceId, testId }: Observation) => {
  const surfaces = surfacesOf(piece);
  const own = surfaces.find((it) => it.id === surfaceId);
  return surfaces
    .filter(
      ({ id }) => !piece.observations.some((it) => it.surfaceId === id && it.testId === testId),
    )
    .map(({ id, name, part }) => ({ id, name, alike: part === own?.part }));
};

/** Takes what was seen here over for surfaces that are alike: it counts less than a look of its own. */
export const SameElsewhere = ({ piece, observation }: SameElsewhereProps) => {
  const put = useChanges();
  const others = candidates(piece, observation);
  const [chosen, setChosen] = useState<ReadonlySet<string>>();
  const test = inspectionTest(observation.testId);
  if (!test || !canBeCopied(test) || (observation.layer ?? 1) > 1 || others.length === 0) {
    return null;
  }
  if (!chosen) {
    return (
      <PlainButton
        title="Others are alike"
        label={`Others are alike: ${test.title}`}
        onPress={() => setChosen(new Set(others.filter((it) => it.alike).map((it) => it.id)))}
      />
    );
  }
  const toggle = (surfaceId: string) => {
    const next = new Set(chosen);
    if (!next.delete(surfaceId)) next.add(surfaceId);
    setChosen(next);
  };
  const copy = async () => {
    const at = shopNow().toISOString();
    const done = await put(
      piece.id,
      [...chosen].map((surfaceId) => ({
        kind: 'observe',
        observation: { ...observation, id: nanoid(), surfaceId, at, copyOf: observation.id },
      })),
      `${outcomeInWords(observation)}: copied to ${counted(chosen.size, 'surface')}.`,
    );
    if (done) setChosen(undefined);
  };
  return (
    <View style={{ gap: 8 }}>
      <Small>Which ones? A copy counts less than a look of its own.</Small>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {others.map(({ id, name }) => (
          <Option
            key={id}
            role="checkbox"
            title={name}
            chosen={chosen.has(id)}
            onPress={() => toggle(id)}
          />
        ))}
      </View>
      <MainButton
        title={`Copy to ${counted(chosen.size, 'surface')}`}
        disabled={chosen.size === 0}
        onPress={() => void copy()}
      />
      <PlainButton title="Cancel" onPress={() => setChosen(undefined)} />
    </View>
  );
};
