import type { InspectionTest } from '@obrik/core/catalog';
import type { Observation } from '@obrik/core/piece';
import type { UnitSystem } from '@obrik/core/units';
import { inDialect } from '@obrik/core/words';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { HandbookLink } from '@/features/shared/HandbookLink';
import { Outcomes } from '@/features/shared/Outcomes';
import { Body, Card, Caution, Label, OpenRow, PlainButton, Small, TitleRow } from '@/ui/controls';

interface TestCardProps {
  readonly test: InspectionTest;
  readonly pieceId: string;
  readonly surfaceId: string;
  readonly surfaceName: string;
  readonly units: UnitSystem;
  /** Layer to begin with, for a lead result. */
  readonly layer?: number;
  readonly knownLayers?: number;
  /** What it could change; only on the test that is advised. */
  readonly couldChange?: string;
  readonly startsOpen?: boolean;
  /** The paint here may hold lead: nothing that scrapes or sands. */
  readonly suspect?: boolean;
  readonly onRecord: (observation: Observation) => Promise<boolean>;
}

/** A test: how it is done, what it does to the piece, and its outcomes, each one tap. */
export const TestCard = ({
  test: told,
  pieceId,
  surfaceId,
  surfaceName,
  units,
  layer,
  knownLayers,
  couldChange,
  startsOpen = false,
  suspect = false,
  onRecord,
}: TestCardProps) => {
  const router = useRouter();
  const test = inDialect(told, units);
  const [open, setOpen] = useState(startsOpen);
  const at = `surface=${surfaceId}${layer ? `&layer=${layer}` : ''}`;
  return (
    <Card edge={couldChange ? 'amber' : undefined} style={{ paddingVertical: 0 }}>
      <OpenRow
        label={`${test.title}, on ${surfaceName}`}
        expanded={open}
        onPress={() => setOpen(!open)}
        style={{ paddingVertical: 8 }}
      >
        <TitleRow title={test.title} figure={`${test.minutes} min`} size={16} />
        {couldChange ? <Small>{couldChange}</Small> : null}
      </OpenRow>
      {open ? (
        <View style={{ gap: 10, paddingBottom: 12 }}>
          {suspect && test.abrades ? (
            <Caution
              text="Not now: this paint may hold lead, and the test scrapes or sands. First a lead result for every layer."
              lastWord="Local code has the last word."
            />
          ) : null}
          {test.protection.length > 0 ? (
            <Caution
              text={test.protection.join(', ')}
              lastWord="Label and leaflet have the last word."
            />
          ) : null}
          <Outcomes
            test={test}
            pieceId={pieceId}
            surfaceId={surfaceId}
            units={units}
            layer={layer}
            knownLayers={knownLayers}
            onRecord={async (it) => {
              const done = await onRecord(it);
              if (done) setOpen(false);
              return done;
            }}
          />
          <PlainButton
            title={test.timer ? 'Step by step, with timer' : 'Step by step'}
            label={`Step by step: ${test.title}`}
            onPress={() => router.navigate(`/pieces/${pieceId}/test/${test.id}?${at}`)}
          />
          <Label>How</Label>
          <Small>{test.where}</Small>
          {test.how.map((it, index) => (
            <Body key={it}>
              {index + 1}. {it}
            </Body>
          ))}
          <Small>
            {test.harm === 'None.' ? 'Does no harm.' : `Leaves: ${test.harm}`}
            {test.uses ? ` Uses: ${test.uses.toLowerCase()}.` : ''}
          </Small>
          <Small>Can mislead: {test.misleads}</Small>
          <HandbookLink entry={`test-${test.id}`} about={test.title} />
        </View>
      ) : null}
    </Card>
  );
};
