import { Text } from '@rneui/themed';
import { usePathname } from 'expo-router';
import Armchair from 'lucide-react-native/icons/armchair';
import BookOpen from 'lucide-react-native/icons/book-open';
import Settings from 'lucide-react-native/icons/settings';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { PlaceLink, useWide } from '@/ui/controls';
import { FONTS, SIZES, usePalette } from '@/ui/theme';
import { Boundary } from './Boundary';
import { NewVersion } from './NewVersion';
import { useStations } from './stationsLoader';

const PLACES = [
  { path: '/pieces', title: 'Pieces', Icon: Armchair },
  { path: '/handbook', title: 'Handbook', Icon: BookOpen },
  { path: '/settings', title: 'Settings', Icon: Settings },
] as const;

/** Top level: at the bottom on a phone, at the left where wide. Paper has none. */
const Places = ({ wide }: { readonly wide: boolean }) => {
  const palette = usePalette();
  const here = usePathname();
  return (
    <View
      role="navigation"
      aria-label="Top level"
      {...{ dataSet: { print: 'no' } }}
      style={
        wide
          ? {
              width: 92,
              paddingTop: 24,
              backgroundColor: palette.card,
              borderRightWidth: 1,
              borderRightColor: palette.line,
            }
          : {
              flexDirection: 'row',
              backgroundColor: palette.card,
              borderTopWidth: 1,
              borderTopColor: palette.line,
            }
      }
    >
      {PLACES.map(({ path, title, Icon }) => {
        const current = here.startsWith(path);
        const colour = current ? palette.amber : palette.ink2;
        const edge = current ? palette.amber : 'transparent';
        return (
          <PlaceLink
            key={path}
            href={path}
            label={title}
            current={current}
            style={{
              minHeight: 60,
              ...(wide
                ? { borderLeftWidth: 4, borderLeftColor: edge }
                : { flex: 1, borderTopWidth: 3, borderTopColor: edge }),
              alignItems: 'center',
              justifyContent: 'center',
              gap: 2,
            }}
          >
            <Icon size={22} color={colour} aria-hidden />
            <Text style={{ fontFamily: FONTS.headBold, fontSize: SIZES.small, color: colour }}>
              {title}
            </Text>
          </PlaceLink>
        );
      })}
    </View>
  );
};

/** What stands around every screen. */
export const Shell = ({ children }: { readonly children: ReactNode }) => {
  const palette = usePalette();
  const wide = useWide();
  const stations = useStations();
  return (
    <View
      style={{ flex: 1, flexDirection: wide ? 'row' : 'column', backgroundColor: palette.paper }}
    >
      {wide ? <Places wide /> : null}
      <View style={{ flex: 1 }}>
        <Boundary>{children}</Boundary>
        <NewVersion />
        {stations ? <stations.Bars /> : null}
      </View>
      {wide ? null : <Places wide={false} />}
    </View>
  );
};
