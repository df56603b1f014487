import { Link, type Href } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable, type ViewStyle } from 'react-native';

interface PlaceLinkProps {
  readonly href: Href;
  readonly label: string;
  /** It leads to where one is. */
  readonly current?: boolean;
  readonly style: ViewStyle;
  readonly children: ReactNode;
}

/** A link to another screen: a real one, for the keyboard and for a second tab. */
export const PlaceLink = ({ href, label, current = false, style, children }: PlaceLinkProps) => (
  <Link href={href} asChild>
    <Pressable
      aria-label={label}
      {...(current ? { 'aria-current': 'page' as const } : {})}
      style={style}
    >
      {children}
    </Pressable>
  </Link>
);
