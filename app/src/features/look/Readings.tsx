import { INSPECTION_TESTS, type InspectionTest, type ReadingTest } from '@obrik/core/catalog';
import type { SurfaceBeliefs } from '@obrik/core/inspect';
import type { Observation } from '@obrik/core/piece';
import { View } from 'react-native';
import { bandInWords } from '@/features/shared/figures';
import { Body, Caution, Statement } from '@/ui/controls';

interface ReadingsProps {
  readonly beliefs: SurfaceBeliefs;
  readonly observations: readonly Observation[];
  readonly renderTest: (test: InspectionTest) => React.ReactNode;
}

/** Readings that stand by themselves; layers and veneer have their own places. */
const READINGS = INSPECTION_TESTS.filter(
  (it): it is ReadingTest =>
    it.kind === 'reading' && !['layer-count', 'colours-seen', 'veneer-thickness'].includes(it.id),
);

/** Figures read off the surface, each with what it means. */
export const Readings = ({ beliefs, observations, renderTest }: ReadingsProps) => {
  const latest = READINGS.flatMap((test) => {
    const last = observations.filter((it) => it.testId === test.id).at(-1)?.value;
    if (last === undefined || last === null) return [];
    const name = bandInWords(test, last);
    return [{ test, words: `${last} ${test.unit}${name ? `: ${name}` : ''}` }];
  });
  const { moisture } = beliefs;
  return (
    <Statement
      title="Readings"
      statement={
        latest.length === 0
          ? 'None yet'
          : latest
              .map((it) => `${it.test.title.replace('Measure the ', '')} ${it.words}`)
              .join(', ')
      }
      tag={moisture?.damp ? { text: 'damp', tone: 'vermilion' } : { text: 'meters', tone: 'plain' }}
    >
      {moisture ? (
        moisture.damp ? (
          <Caution text={moisture.text} />
        ) : (
          <Body>{moisture.text}</Body>
        )
      ) : null}
      <View style={{ gap: 12 }}>{READINGS.map(renderTest)}</View>
    </Statement>
  );
};
