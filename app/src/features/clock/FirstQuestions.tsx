import { CLIMATES, type Climate } from '@obrik/core/catalog';
import { USUAL_SHOP, type DayPart, type Shop } from '@obrik/core/piece';
import { useState } from 'react';
import { useChanges } from '@/api/usePiece';
import { shopNow } from '@/device';
import { Body, Card, Label, MainButton, Options, Strong } from '@/ui/controls';

type When = 'evenings' | 'days' | 'weekends';
type Where = 'shed' | 'house' | 'outdoors';

const part = (from: number, to: number): DayPart[] => [{ from: from * 60, to: to * 60 }];
const fiveDays = (it: DayPart[]): DayPart[][] => Array.from({ length: 5 }, () => [...it]);

const WEEKS: Readonly<Record<When, DayPart[][]>> = {
  evenings: [...fiveDays([{ from: 18 * 60, to: 21 * 60 + 30 }]), part(9, 17), []],
  days: [...fiveDays(part(8, 17)), [], []],
  weekends: [...fiveDays([]), part(9, 18), part(10, 17)],
};

/** Where clocks go forward for the summer of the south; half of the world has no such clocks and counts as north. */
const isSouthern = (now: Date): boolean => {
  const offset = (month: number): number =>
    new Date(now.getFullYear(), month, 1).getTimezoneOffset();
  return offset(0) < offset(6);
};

/** Nothing of the clock was said yet: asks three things and guesses the rest. */
export const FirstQuestions = ({ shop }: { readonly shop: Shop }) => {
  const put = useChanges();
  const [when, setWhen] = useState<When>('evenings');
  const [where, setWhere] = useState<Where>('shed');
  const [climate, setClimate] = useState<Climate>('continental');
  if (shop.timeZone !== USUAL_SHOP.timeZone || shop.people !== USUAL_SHOP.people) return null;
  const [first] = shop.people;
  const [place] = shop.spaces;
  const store = () => {
    if (!first || !place) return;
    void put(
      null,
      [
        {
          kind: 'shopSet',
          settings: {
            timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
            people: [{ ...first, hours: WEEKS[when] }],
            spaces: [{ ...place, room: where }],
            air: { ...shop.air, kind: 'typical', climate, south: isSouthern(shopNow()) },
          },
        },
      ],
      'Stored. The settings have the rest.',
    );
  };
  return (
    <Card style={{ gap: 10 }} edge="amber">
      <Strong>Three questions, and the clock fits your shop</Strong>
      <Label>When do you work?</Label>
      <Options
        label="When do you work?"
        options={[
          { value: 'evenings', title: 'Evenings, Saturdays' },
          { value: 'days', title: 'By day' },
          { value: 'weekends', title: 'Weekends' },
        ]}
        chosen={when}
        onChoose={setWhen}
      />
      <Label>Where?</Label>
      <Options
        label="Where?"
        options={[
          { value: 'shed', title: 'Shed or garage' },
          { value: 'house', title: 'In the house' },
          { value: 'outdoors', title: 'Out of doors' },
        ]}
        chosen={where}
        onChoose={setWhere}
      />
      <Label>What air is outside?</Label>
      <Options
        label="What air is outside?"
        options={CLIMATES.rows.map((it) => ({ value: it.id, title: it.label }))}
        chosen={climate}
        onChoose={setClimate}
      />
      <Body>
        People, spaces, heaters and hours are in the settings, and can be changed at any time.
      </Body>
      <MainButton title="Plan with that" onPress={store} />
    </Card>
  );
};
