import type { Air } from '@obrik/core/climate';
import type { AirHour } from '@obrik/core/schedule';
import { celsiusOf, temperatureIn, type UnitSystem } from '@obrik/core/units';
import { CLOCK_WORDS } from '@obrik/core/words';
import { View } from 'react-native';
import { OpenRow, Tag, TitleRow } from '@/ui/controls';
import { Stepper } from '@/ui/forms';
import { usePalette } from '@/ui/theme';

interface HourRowProps {
  readonly it: AirHour;
  readonly time: string;
  readonly units: UnitSystem;
  /** Somebody put it in by hand. */
  readonly byHand: boolean;
  readonly open: boolean;
  /** Undefined where it can't be changed by hand. */
  readonly onOpen: (() => void) | undefined;
  readonly onExpect: (air: Air) => void;
}

const LEAST = { celsius: -40, humidity: 5 } as const;
const MOST = { celsius: 50, humidity: 100 } as const;
/** Humidity is put right in steps of so much, %. */
const DAMP_STEP = 5;

/** The air of some hours: what it is, whether it bears a coat, and what is expected instead. */
export const HourRow = ({ it, time, units, byHand, open, onOpen, onExpect }: HourRowProps) => {
  const { celsius, humidity } = it.air;
  const palette = usePalette();
  const us = units === 'us';
  const figures = CLOCK_WORDS.figures(celsius, humidity, units);
  const head = (
    <View style={{ gap: 4 }}>
      <TitleRow title={time} figure={figures} />
      {!it.fit || byHand ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 6 }}>
          {it.fit ? null : <Tag text="No usual coat" tone="vermilion" />}
          {byHand ? <Tag text="By hand" tone="slate" /> : null}
        </View>
      ) : null}
    </View>
  );
  const warmth = Math.round(temperatureIn(celsius, units));
  return (
    <View role="listitem" style={{ borderTopWidth: 1, borderTopColor: palette.line }}>
      {onOpen ? (
        <OpenRow
          style={{ paddingVertical: 6 }}
          label={`${time}: ${figures}`}
          expanded={open}
          onPress={onOpen}
        >
          {head}
        </OpenRow>
      ) : (
        <View style={{ paddingVertical: 12 }}>{head}</View>
      )}
      {open ? (
        <View style={{ gap: 8, paddingBottom: 12 }}>
          <Stepper
            label={us ? '°F outside' : '°C outside'}
            value={warmth}
            least={temperatureIn(LEAST.celsius, units)}
            most={temperatureIn(MOST.celsius, units)}
            onChange={(typed) =>
              onExpect({
                celsius: celsiusOf(typed, units),
                humidity: Math.round(humidity),
              })
            }
          />
          <Stepper
            label="% humidity"
            value={Math.round(humidity)}
            least={LEAST.humidity}
            most={MOST.humidity}
            step={DAMP_STEP}
            onChange={(typed) =>
              onExpect({ celsius: Math.round(celsius * 10) / 10, humidity: typed })
            }
          />
        </View>
      ) : null}
    </View>
  );
};
