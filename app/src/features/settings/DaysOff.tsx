import { placeClock } from '@obrik/core/clock';
import type { Person } from '@obrik/core/piece';
import { View } from 'react-native';
import { Label, PlainButton } from '@/ui/controls';
import { DayField } from '@/ui/forms';

interface DaysOffProps {
  readonly person: Person;
  readonly onStore: (daysOff: readonly string[]) => void;
}

const inFull = (day: string): string => placeClock('UTC').longDay(new Date(day));

/** Days without work: each is added from the calendar and removed with a tap. */
export const DaysOff = ({ person, onStore }: DaysOffProps) => {
  const { name, daysOff } = person;
  return (
    <View style={{ gap: 6 }}>
      <Label>Days off of {name}</Label>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {daysOff.map((day) => {
          const words = inFull(day);
          return (
            <PlainButton
              key={day}
              title={`${words} ×`}
              label={`Remove the day off: ${words}, ${name}`}
              onPress={() => onStore(daysOff.filter((it) => it !== day))}
            />
          );
        })}
      </View>
      <DayField
        // Empty again after each day that is added.
        key={daysOff.length}
        label={`Add a day off for ${name}`}
        day=""
        onChoose={(day) => {
          if (day !== '' && !daysOff.includes(day)) onStore([...daysOff, day].sort());
        }}
      />
    </View>
  );
};
