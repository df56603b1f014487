import { Children, type ReactNode } from 'react';
import { View } from 'react-native';
import { useWide } from './Screen';

interface ColumnsProps {
  readonly children: ReactNode;
  /** How many there are on a desk. */
  readonly count?: 2 | 3;
}

/** Cards one below the other on a phone, in columns on a desk: each goes on where its column ends. */
export const Columns = ({ children, count = 2 }: ColumnsProps) => {
  const wide = useWide();
  const cards = Children.toArray(children);
  if (!wide) return <>{cards}</>;
  const height = Math.ceil(cards.length / count);
  return (
    <View style={{ flexDirection: 'row', alignItems: 'flex-start', gap: 12 }}>
      {Array.from({ length: count }, (_, column) => (
        <View key={column} style={{ flex: 1, gap: 12 }}>
          {cards.slice(column * height, (column + 1) * height)}
        </View>
      ))}
    </View>
  );
};
