import { TOOLS } from '@obrik/core/catalog';
import type { Shop } from '@obrik/core/piece';
import { View } from 'react-native';
import { Card, Label, Options, Small } from '@/ui/controls';

interface ToolsCardProps {
  readonly shop: Shop;
  readonly onStore: (shop: Shop) => void;
}

/** Tools of the shop that change how work is planned. */
export const ToolsCard = ({ shop, onStore }: ToolsCardProps) => (
  <Card style={{ gap: 16 }}>
    <Label heading>Tools in the shop</Label>
    <Small>Only tools that change a route. Everyday tools are assumed.</Small>
    {TOOLS.rows.map(({ id, label, withIt, without }) => {
      const isThere = shop.tools.includes(id);
      const put = (answer: 'yes' | 'no') => {
        const others = shop.tools.filter((it) => it !== id);
        onStore({ ...shop, tools: answer === 'yes' ? [...others, id] : others });
      };
      return (
        <View key={id} style={{ gap: 6 }}>
          <Label>{label}</Label>
          <Options
            label={label}
            options={[
              { value: 'yes', title: 'Here' },
              { value: 'no', title: 'Not here' },
            ]}
            chosen={isThere ? 'yes' : 'no'}
            onChoose={put}
          />
          <Small>{isThere ? withIt : without}</Small>
        </View>
      );
    })}
  </Card>
);
