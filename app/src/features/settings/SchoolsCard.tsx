import { SCHOOLS } from '@obrik/core/catalog';
import type { Shop } from '@obrik/core/piece';
import { View } from 'react-native';
import { Card, Label, Options, Small } from '@/ui/controls';

interface SchoolsCardProps {
  readonly shop: Shop;
  readonly onStore: (shop: Shop) => void;
}

/** How this shop works where careful people differ; every route follows. */
export const SchoolsCard = ({ shop, onStore }: SchoolsCardProps) => (
  <Card style={{ gap: 16 }}>
    <Label heading>How you work</Label>
    <Small>Good refinishers disagree on these. Every route follows your choice.</Small>
    {SCHOOLS.rows.map((school) => {
      const chosen = shop.schools[school.id];
      const ways: readonly {
        readonly id: string;
        readonly label: string;
        readonly because: string;
      }[] = school.ways;
      const choose = (way: string) =>
        onStore({ ...shop, schools: { ...shop.schools, [school.id]: way } });
      return (
        <View key={school.id} style={{ gap: 6 }}>
          <Label>{school.label}</Label>
          <Options
            label={school.label}
            options={ways.map((it) => ({ value: it.id, title: it.label }))}
            chosen={chosen}
            onChoose={choose}
          />
          <Small>{ways.find((it) => it.id === chosen)?.because}</Small>
        </View>
      );
    })}
  </Card>
);
