import { Text } from '@rneui/themed';
import type { ReactNode } from 'react';
import type { TextStyle } from 'react-native';
import { FONTS, SIZES, usePalette } from '../theme';

interface WordsProps {
  readonly children: ReactNode;
  readonly style?: TextStyle;
}

/** Name of a screen. */
export const Heading = ({ children, style }: WordsProps) => {
  const { ink } = usePalette();
  return (
    <Text
      role="heading"
      aria-level={1}
      style={{
        fontFamily: FONTS.headBold,
        fontSize: SIZES.heading,
        lineHeight: 34,
        color: ink,
        ...style,
      }}
    >
      {children}
    </Text>
  );
};

/** Name of a part of a screen. */
export const Subheading = ({
  children,
  style,
  level = 2,
}: WordsProps & { readonly level?: number }) => {
  const { ink } = usePalette();
  return (
    <Text
      role="heading"
      aria-level={level}
      style={{
        fontFamily: FONTS.headBold,
        fontSize: SIZES.subheading,
        lineHeight: 30,
        color: ink,
        ...style,
      }}
    >
      {children}
    </Text>
  );
};

/** Small capitals over a group. */
export const Label = ({
  children,
  style,
  heading,
}: WordsProps & { readonly heading?: boolean }) => {
  const { ink2 } = usePalette();
  return (
    <Text
      {...(heading ? { role: 'heading' as const, 'aria-level': 2 } : {})}
      style={{
        fontFamily: FONTS.headBold,
        fontSize: SIZES.label,
        letterSpacing: 0.8,
        textTransform: 'uppercase',
        color: ink2,
        ...style,
      }}
    >
      {children}
    </Text>
  );
};

/** Running text. */
export const Body = ({ children, style }: WordsProps) => (
  <Text style={{ lineHeight: 22, ...style }}>{children}</Text>
);

/** Running text that carries the statement. */
export const Strong = ({ children, style }: WordsProps) => (
  <Text style={{ fontFamily: FONTS.textBold, lineHeight: 22, ...style }}>{children}</Text>
);

/** Second text. */
export const Small = ({ children, style }: WordsProps) => {
  const { ink2 } = usePalette();
  return (
    <Text style={{ fontSize: SIZES.small, lineHeight: 20, color: ink2, ...style }}>{children}</Text>
  );
};

/** Figures: minutes, percentages, grits. */
export const Figure = ({ children, style }: WordsProps) => {
  const { ink } = usePalette();
  return (
    <Text style={{ fontFamily: FONTS.headBold, fontSize: SIZES.title, color: ink, ...style }}>
      {children}
    </Text>
  );
};
