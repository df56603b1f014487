import type { ReactNode } from 'react';
import { View, type ViewStyle } from 'react-native';
import { RADIUS, usePalette } from '../theme';
import { Figure, Small } from './Words';

interface CardProps {
  readonly children: ReactNode;
  readonly style?: ViewStyle;
  /** The next thing to do is edged in amber, harm in vermilion. */
  readonly edge?: 'amber' | 'vermilion' | 'ink';
}

/** Ground that things stand on. */
export const Card = ({ children, style, edge }: CardProps) => {
  const palette = usePalette();
  const edgeColour = { amber: palette.amber, vermilion: palette.vermilion, ink: palette.ink };
  return (
    <View
      style={{
        backgroundColor: palette.card,
        borderWidth: 1,
        borderColor: edge ? edgeColour[edge] : palette.line,
        borderRadius: RADIUS,
        padding: 12,
        ...style,
      }}
    >
      {children}
    </View>
  );
};

interface TicketProps {
  readonly number: string;
  readonly word: string;
  readonly children: ReactNode;
  readonly edge?: CardProps['edge'];
}

/** A shop ticket: a stub with the number behind a dashed line, then the matter. */
export const Ticket = ({ number, word, children, edge }: TicketProps) => {
  const palette = usePalette();
  return (
    <Card edge={edge} style={{ padding: 0, flexDirection: 'row' }}>
      <View
        style={{
          width: 64,
          alignItems: 'center',
          justifyContent: 'center',
          borderRightWidth: 2,
          borderRightColor: palette.line,
          borderStyle: 'dashed',
          paddingVertical: 12,
          paddingHorizontal: 2,
        }}
      >
        <Figure style={{ fontSize: 22 }}>{number}</Figure>
        <Small style={{ fontSize: 13, textAlign: 'center' }}>{word}</Small>
      </View>
      <View style={{ flex: 1, padding: 12, gap: 4 }}>{children}</View>
    </Card>
  );
};
