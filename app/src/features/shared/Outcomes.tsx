import type { InspectionTest, Outcome } from '@obrik/core/catalog';
import { readLeadPpm } from '@obrik/core/inspect';
import type { Observation } from '@obrik/core/piece';
import type { UnitSystem } from '@obrik/core/units';
import { nanoid } from '@reduxjs/toolkit';
import { Text } from '@rneui/themed';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { shopNow } from '@/device';
import { useReadMeterMutation } from '@/api/api';
import { failureOf } from '@/api/failure';
import { Body, MainButton, Options, Strong } from '@/ui/controls';
import { FigureField } from '@/ui/forms';
import { OutcomeSketch } from '@/ui/drawings';
import { FONTS, RADIUS, SIZES, usePalette } from '@/ui/theme';
import { LaboratoryFigure } from './LaboratoryFigure';
import { useKept } from './useKept';
import { MeterButton } from './MeterButton';
import { bandInWords, rangeOf, readTyped, unitOf } from './figures';

/** An outcome with its drawing; tapped, it is on record. */
export const OutcomeButton = ({
  outcome,
  large,
  onPress,
}: {
  readonly outcome: Pick<Outcome, 'label' | 'sketch'>;
  readonly large: boolean;
  readonly onPress: () => void;
}) => {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={outcome.label}
      onPress={onPress}
      style={{
        minHeight: large ? 64 : 52,
        flexDirection: 'row',
        alignItems: 'center',
        gap: 10,
        paddingHorizontal: 10,
        paddingVertical: 6,
        borderRadius: RADIUS,
        borderWidth: 1,
        borderColor: palette.ink2,
        backgroundColor: palette.card,
      }}
    >
      <OutcomeSketch sketch={outcome.sketch} />
      <Text
        style={{
          flex: 1,
          fontFamily: FONTS.headBold,
          fontSize: large ? 20 : SIZES.title,
          color: palette.ink,
        }}
      >
        {outcome.label}
      </Text>
    </Pressable>
  );
};

interface OutcomesProps {
  readonly test: InspectionTest;
  readonly pieceId: string;
  readonly surfaceId: string;
  readonly units: UnitSystem;
  /** Layer to begin with. */
  readonly layer?: number;
  /** How many layers are known below the top one, so that a solvent may be tried on each. */
  readonly knownLayers?: number;
  readonly large?: boolean;
  /** Resolves to whether it is safe; until then what was typed stays. */
  readonly onRecord: (observation: Observation) => Promise<boolean>;
}

const LAYERS = ['1', '2', '3', '4', '5', '6'] as const;

/** What a test may end in: outcomes to tap, a figure to type or to read off a meter. */
export const Outcomes = ({
  test,
  pieceId,
  surfaceId,
  units,
  layer = 1,
  knownLayers = 0,
  large = false,
  onRecord,
}: OutcomesProps) => {
  const form = `outcome/${pieceId}/${surfaceId}/${test.id}`;
  const [chosenLayer, setChosenLayer] = useState(String(layer));
  const [typed, setTyped, forget] = useKept(`${form}/${units}`, '');
  const [wrong, setWrong] = useState<string>();
  const [meterSays, setMeterSays] = useState<string>();
  const [readMeter, { isLoading }] = useReadMeterMutation();
  const ofOneLayer = test.kind === 'layer' && !test.allLayers;
  const choosesLayer = ofOneLayer || (test.kind === 'choice' && knownLayers > 1);
  const record = async (part: Partial<Observation>): Promise<boolean> => {
    const layerNumber = Number(chosenLayer);
    const done = await onRecord({
      id: nanoid(),
      surfaceId,
      testId: test.id,
      outcome: null,
      value: null,
      layer: ofOneLayer || (choosesLayer && layerNumber > 1) ? layerNumber : null,
      at: shopNow().toISOString(),
      by: '',
      ...part,
    });
    if (done) forget();
    return done;
  };
  const submit = () => {
    if (test.kind !== 'reading') return;
    const result = readTyped(test, units, typed);
    if ('wrong' in result) return setWrong(result.wrong);
    setWrong(undefined);
    void record({ value: result.value });
  };
  const device = test.kind === 'choice' ? undefined : test.device;
  const takeReading = async () => {
    if (!device) return;
    const result = await readMeter({
      deviceId: device,
      pieceId,
      surfaceId,
      ...(ofOneLayer ? { layer: Number(chosenLayer) } : {}),
    });
    if (result.error) return setMeterSays(failureOf(result.error).text);
    const [first] = result.data.shown;
    const made = result.data.simulated ? ' (simulated: nothing was measured)' : '';
    if (test.kind === 'layer') {
      const label = test.outcomes.find((it) => it.id === first?.outcome)?.label ?? '?';
      setMeterSays(`The reader shows: ${label}${made}. Tap it below if you agree.`);
    } else if (first?.value !== null && first?.value !== undefined) {
      setTyped(String(first.value));
      setWrong(undefined);
      setMeterSays(`The meter shows ${first.value} ${first.unit}${made}.`);
    }
  };
  const value = Number(typed.replace(',', '.'));
  const band =
    test.kind === 'reading' && typed !== '' && !Number.isNaN(value)
      ? bandInWords(test, value)
      : undefined;
  return (
    <View style={{ gap: 10 }}>
      {choosesLayer ? (
        <>
          <Strong>Which layer? 1 is the top.</Strong>
          <Options
            label="Layer of paint"
            options={LAYERS.slice(0, Math.max(knownLayers, ofOneLayer ? 6 : 1)).map((it) => ({
              value: it,
              title: it,
            }))}
            chosen={LAYERS.find((it) => it === chosenLayer)}
            onChoose={setChosenLayer}
          />
        </>
      ) : null}
      {device ? (
        <MeterButton busy={isLoading} says={meterSays} onPress={() => void takeReading()} />
      ) : null}
      {test.kind === 'reading' ? (
        <>
          <FigureField
            label={`Reading in ${unitOf(test, units)}`}
            typed={typed}
            onType={setTyped}
            wrong={wrong}
            hint={rangeOf(test, units)}
            onDone={submit}
          />
          {band ? <Body>That is {band}.</Body> : null}
          <MainButton title="Record it" onPress={submit} />
        </>
      ) : test.kind === 'layer' && test.ppm ? (
        <LaboratoryFigure
          form={form}
          onFigure={(ppm) =>
            record({ value: ppm, outcome: readLeadPpm(ppm).found ? 'found' : 'notFound' })
          }
        />
      ) : null}
      {test.kind === 'reading'
        ? null
        : test.outcomes.map((it) => (
            <OutcomeButton
              key={it.id}
              outcome={it}
              large={large}
              onPress={() => void record({ outcome: it.id })}
            />
          ))}
    </View>
  );
};
