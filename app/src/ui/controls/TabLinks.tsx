import { Text } from '@rneui/themed';
import type { Href } from 'expo-router';
import { View, type ViewStyle } from 'react-native';
import { FONTS, TARGET, usePalette } from '../theme';
import { PlaceLink } from './PlaceLink';

interface TabLinksProps {
  readonly label: string;
  readonly tabs: readonly {
    readonly href: Href;
    readonly title: string;
    readonly current: boolean;
  }[];
  readonly style?: ViewStyle;
}

/** Screens that belong together, side by side; the one that is shown is underlined. */
export const TabLinks = ({ label, tabs, style }: TabLinksProps) => {
  const palette = usePalette();
  return (
    <View
      role="navigation"
      aria-label={label}
      {...{ dataSet: { print: 'no' } }}
      style={{ flexDirection: 'row', flexWrap: 'wrap', maxWidth: 640, ...style }}
    >
      {tabs.map(({ href, title, current }) => (
        <PlaceLink
          key={title}
          href={href}
          label={title}
          current={current}
          style={{
            flexGrow: 1,
            paddingHorizontal: 5,
            minWidth: TARGET,
            minHeight: TARGET,
            alignItems: 'center',
            justifyContent: 'center',
            borderBottomWidth: 4,
            borderBottomColor: current ? palette.amberFill : 'transparent',
          }}
        >
          <Text
            style={{
              fontFamily: FONTS.headBold,
              fontSize: 19,
              color: current ? palette.ink : palette.ink2,
            }}
          >
            {title}
          </Text>
        </PlaceLink>
      ))}
    </View>
  );
};
