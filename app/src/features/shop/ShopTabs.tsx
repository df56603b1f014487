import { Text } from '@rneui/themed';
import { usePathname } from 'expo-router';
import { View } from 'react-native';
import { PlaceLink } from '@/ui/controls';
import { FONTS, TARGET, usePalette } from '@/ui/theme';

const TABS = [
  { path: '/shop/shopping', title: 'Shopping' },
  { path: '/shop/stock', title: 'Stock' },
  { path: '/shop/prices', title: 'Prices' },
  { path: '/shop/money', title: 'Money' },
  { path: '/settings', title: 'Settings' },
] as const;

/** What belongs to the shop as a whole: what to buy, what is there, what it costs, what it earned, how it works. */
export const ShopTabs = () => {
  const palette = usePalette();
  const here = usePathname();
  return (
    <View
      role="navigation"
      aria-label="Of the shop"
      {...{ dataSet: { print: 'no' } }}
      style={{
        flexDirection: 'row',
        flexWrap: 'wrap',
        maxWidth: 640,
        borderBottomWidth: 1,
        borderBottomColor: palette.line,
      }}
    >
      {TABS.map(({ path, title }) => {
        const current = here.startsWith(path) || (path === '/shop/shopping' && here === '/shop');
        return (
          <PlaceLink
            key={path}
            href={path}
            label={title}
            current={current}
            style={{
              flexGrow: 1,
              minWidth: TARGET,
              minHeight: TARGET,
              paddingHorizontal: 4,
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
        );
      })}
    </View>
  );
};
