import {
  SKILLS,
  read,
  shop as shopSchema,
  weekFromText,
  weekInText,
  type Person,
  type Shop,
  type Skill,
} from '@obrik/core/piece';
import { nanoid } from '@reduxjs/toolkit';
import { View } from 'react-native';
import { Card, Label, Option, PlainButton, Small } from '@/ui/controls';
import { TypedLine } from '@/ui/forms';
import { DaysOff } from './DaysOff';

interface PeopleCardProps {
  readonly shop: Shop;
  readonly onStore: (shop: Shop) => void;
}

const SKILL_WORDS: Readonly<Record<Skill, string>> = {
  strip: 'Strips',
  repair: 'Repairs',
  spray: 'Sprays',
};
const MOST = 6;

/** Who works, when, and at what: every plan of the clock follows. */
export const PeopleCard = ({ shop, onStore }: PeopleCardProps) => {
  /** Stores a changed person where it can be; says what is wrong with it. */
  const put = (changed: Person): string | undefined => {
    const people = shop.people.map((it) => (it.id === changed.id ? changed : it));
    const result = read(shopSchema, { ...shop, people });
    if (!result.ok) return result.problems[0]?.message ?? 'That can’t be stored.';
    onStore(result.value);
    return undefined;
  };
  const putHours = (it: Person, typed: string): string | undefined => {
    const week = weekFromText(typed);
    return week.ok ? put({ ...it, hours: week.value }) : week.problems[0]?.message;
  };
  return (
    <Card style={{ gap: 16 }}>
      <Label heading>People and hours</Label>
      <Small>Work is planned into these hours; drying goes on through the night.</Small>
      {shop.people.map((it) => (
        <View key={it.id} style={{ gap: 6 }}>
          <TypedLine label="Name" value={it.name} onStore={(name) => put({ ...it, name })} />
          <TypedLine
            label={`Hours of ${it.name}`}
            value={weekInText(it.hours)}
            placeholder="Mon-Fri 18:00-21:30; Sat 9:00-17:00"
            onStore={(typed) => putHours(it, typed)}
          />
          <DaysOff person={it} onStore={(daysOff) => void put({ ...it, daysOff: [...daysOff] })} />
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {SKILLS.map((skill) => {
              const can = it.skills.includes(skill);
              return (
                <Option
                  key={skill}
                  role="checkbox"
                  title={SKILL_WORDS[skill]}
                  label={`${it.name}: ${SKILL_WORDS[skill].toLowerCase()}`}
                  chosen={can}
                  onPress={() =>
                    void put({
                      ...it,
                      skills: can
                        ? it.skills.filter((one) => one !== skill)
                        : [...it.skills, skill],
                    })
                  }
                />
              );
            })}
            {shop.people.length > 1 ? (
              <PlainButton
                title="Remove"
                label={`Remove ${it.name}`}
                onPress={() =>
                  onStore({ ...shop, people: shop.people.filter((one) => one.id !== it.id) })
                }
              />
            ) : null}
          </View>
        </View>
      ))}
      {shop.people.length < MOST ? (
        <PlainButton
          title="Add a person"
          onPress={() => {
            const [first] = shop.people;
            if (!first) return;
            const name = `Person ${shop.people.length + 1}`;
            onStore({ ...shop, people: [...shop.people, { ...first, id: nanoid(), name }] });
          }}
        />
      ) : null}
    </Card>
  );
};
