import { readLeadPpm } from '@obrik/core/inspect';
import { useState } from 'react';
import { View } from 'react-native';
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

/** The figure that a laboratory reports, with its unit, and what it means before it is recorded. */
export const LaboratoryFigure = ({ onFigure }: { readonly onFigure: (ppm: number) => void }) => {
  const [unit, setUnit] = useState<Unit>('ppm');
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState<string>();
  const ppm = ppmOf(typed, unit);
  const submit = () => {
    if (ppm === undefined) return setWrong('Enter the figure on the report, such as 250.');
    setWrong(undefined);
    onFigure(ppm);
  };
  return (
    <View style={{ gap: 8 }}>
      <Strong>The figure on the report</Strong>
      <Options label="Its unit" options={UNITS} chosen={unit} onChoose={setUnit} />
      <FigureField
        label={unit === 'ppm' ? 'Lead in ppm (mg/kg)' : 'Lead in % by weight'}
        typed={typed}
        onType={setTyped}
        {...(wrong === undefined ? {} : { wrong })}
        onDone={submit}
      />
      {ppm === undefined ? null : <Body>{readLeadPpm(ppm).text}</Body>}
      <MainButton title="Record the figure" onPress={submit} />
      <Body>No figure on the report? Tap what it says:</Body>
    </View>
  );
};
