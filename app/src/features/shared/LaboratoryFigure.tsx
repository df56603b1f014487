import { readLeadPpm } from '@obrik/core/inspect';
import { useState } from 'react';
import { View } from 'react-native';
import { useKept } from './useKept';
import { Body, MainButton, Options, Strong } from '@/ui/controls';
import { FigureField } from '@/ui/forms';

const UNITS = [
  { value: 'ppm', title: 'ppm (mg/kg)' },
  { value: 'percent', title: '% by weight' },
] as const;
type Unit = (typeof UNITS)[number]['value'];

/** Parts per million in a percent. */
const PPM_IN_PERCENT = 10_000;
const MOST_PPM = 1_000_000;

/** What was typed, as ppm; undefined where it is no figure of lead. */
const ppmOf = (typed: string, unit: Unit): number | undefined => {
  const text = typed.trim().replace(',', '.');
  const figure = text === '' ? NaN : Number(text);
  const ppm = unit === 'ppm' ? figure : figure * PPM_IN_PERCENT;
  return Number.isFinite(ppm) && ppm >= 0 && ppm <= MOST_PPM ? ppm : undefined;
};

interface LaboratoryFigureProps {
  /** Which form, so that drafts don't mix. */
  readonly form: string;
  /** Resolves to whether it is safe; until then what was typed stays. */
  readonly onFigure: (ppm: number) => Promise<boolean>;
}

interface Typed {
  readonly unit: Unit;
  readonly typed: string;
}

/** The figure that a laboratory reports, with its unit, and what it means before it is recorded. */
export const LaboratoryFigure = ({ form, onFigure }: LaboratoryFigureProps) => {
  const [draft, keep, forget] = useKept<Typed>(`${form}/laboratory`, { unit: 'ppm', typed: '' });
  const { unit, typed } = draft;
  const [wrong, setWrong] = useState<string>();
  const ppm = ppmOf(typed, unit);
  const submit = async () => {
    if (ppm === undefined) return setWrong('Enter the figure on the report, such as 250.');
    setWrong(undefined);
    if (await onFigure(ppm)) forget();
  };
  return (
    <View style={{ gap: 8 }}>
      <Strong>The figure on the report</Strong>
      <Options
        label="Its unit"
        options={UNITS}
        chosen={unit}
        onChoose={(it) => keep({ ...draft, unit: it })}
      />
      <FigureField
        label={unit === 'ppm' ? 'Lead in ppm (mg/kg)' : 'Lead in % by weight'}
        typed={typed}
        onType={(it) => keep({ ...draft, typed: it })}
        {...(wrong === undefined ? {} : { wrong })}
        onDone={() => void submit()}
      />
      {ppm === undefined ? null : <Body>{readLeadPpm(ppm).text}</Body>}
      <MainButton title="Record the figure" onPress={() => void submit()} />
      <Body>No figure on the report? Tap what it says:</Body>
    </View>
  );
};
