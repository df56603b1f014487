import { Text } from '@rneui/themed';
import { usePathname } from 'expo-router';
import CalendarClock from 'lucide-react-native/icons/calendar-clock';
import Armchair from 'lucide-react-native/icons/armchair';
import BookOpen from 'lucide-react-native/icons/book-open';
import Store from 'lucide-react-native/icons/store';
import { useCallback, useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { FootProvider, PlaceLink, useWide } from '@/ui/controls';
import { FONTS, SIZES, TARGET, usePalette } from '@/ui/theme';
import { Boundary } from './Boundary';
import { FocusKeeper } from './FocusKeeper';
import { NewVersion } from './NewVersion';
import { SkipLink } from './SkipLink';
import { titleAt } from './titles';
import { useTitle } from './useTitle';
import { useNotice } from '@/state/notice';
import { useScreenBundle } from './screenBundleLoader';

/** The settings are of the shop, and keep an address of their own. */
const isUnder = (here: string, path: string): boolean =>
  here.startsWith(path) || (path === '/shop' && here.startsWith('/settings'));

const PLACES = [
  { path: '/today', title: 'Today', Icon: CalendarClock },
  { path: '/pieces', title: 'Pieces', Icon: Armchair },
  { path: '/handbook', title: 'Handbook', Icon: BookOpen },
  { path: '/shop', title: 'Shop', Icon: Store },
] as const;

/** The top level as icons alone, beside what a screen keeps at its foot. */
const CompactPlaces = () => {
  const palette = usePalette();
  const here = usePathname();
  return (
    <View role="navigation" aria-label="Top level" style={{ flexDirection: 'row' }}>
      {PLACES.map(({ path, title, Icon }) => {
        const current = isUnder(here, path);
        return (
          <PlaceLink
            key={path}
            href={path}
            label={title}
            current={current}
            style={{
              width: TARGET,
              // Very large text: four in a row are narrower.
              flexShrink: 1,
              minHeight: TARGET,
              alignItems: 'center',
              justifyContent: 'center',
              borderBottomWidth: 3,
              borderBottomColor: current ? palette.amber : 'transparent',
            }}
          >
            <Icon size={22} color={current ? palette.amber : palette.ink2} aria-hidden />
          </PlaceLink>
        );
      })}
    </View>
  );
};

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
        const current = isUnder(here, path);
        const colour = current ? palette.amber : palette.ink2;
        const edge = current ? palette.amber : 'transparent';
        return (
          <PlaceLink
            key={path}
            href={path}
            label={title}
            current={current}
            style={{
              minHeight: wide ? 60 : TARGET,
              ...(wide
                ? { borderLeftWidth: 4, borderLeftColor: edge }
                : { flex: 1, borderTopWidth: 3, borderTopColor: edge }),
              alignItems: 'center',
              justifyContent: 'center',
              gap: wide ? 2 : 0,
            }}
          >
            <Icon size={wide ? 22 : 20} color={colour} aria-hidden />
            <Text style={{ fontFamily: FONTS.headBold, fontSize: SIZES.small, color: colour }}>
              {title}
            </Text>
          </PlaceLink>
        );
      })}
    </View>
  );
};

/** A message, and the top level beside it: the row of a screen that keeps nothing at its foot. */
const PlacesBeside = ({ message }: { readonly message: ReactNode }) => {
  const palette = usePalette();
  return (
    <View
      {...{ dataSet: { print: 'no' } }}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: 8,
        paddingHorizontal: 12,
        minHeight: TARGET + 4,
        backgroundColor: palette.card,
        borderTopWidth: 1,
        borderTopColor: palette.line,
      }}
    >
      {message}
      <CompactPlaces />
    </View>
  );
};

/** The title of a screen that is no piece's; a piece has its name in it. */
const PlainTitle = ({ here }: { readonly here: string }) => {
  useTitle(titleAt(here));
  return null;
};

/** What stands around every screen. */
export const Shell = ({ children }: { readonly children: ReactNode }) => {
  const palette = usePalette();
  const wide = useWide();
  const bundle = useScreenBundle();
  const here = usePathname();
  const notice = useNotice();
  const [feet, setFeet] = useState(0);
  const onFoot = useCallback((more: 1 | -1) => setFeet((count) => count + more), []);
  // On a phone an undo stands at the left of the foot, in the same place whether or not the screen keeps
  // something there: a screen that does so only once it has loaded must not move it away from a finger.
  const inFoot = notice !== null && !wide && (feet > 0 || notice.undo !== undefined);
  const InFoot = inFoot ? bundle?.NoticeInFoot : undefined;
  const foot = useMemo(() => {
    const beside = InFoot ? <InFoot /> : <CompactPlaces />;
    return { beside: wide ? null : beside, onFoot };
  }, [InFoot, wide, onFoot]);
  return (
    <View
      style={{ flex: 1, flexDirection: wide ? 'row' : 'column', backgroundColor: palette.paper }}
    >
      <SkipLink />
      <FocusKeeper />
      {/^\/pieces\/(?!new)./.test(here) ? null : <PlainTitle here={here} />}
      {wide ? <Places wide /> : null}
      <View style={{ flex: 1 }}>
        <FootProvider value={foot}>
          <Boundary>{children}</Boundary>
        </FootProvider>
        <NewVersion />
        {bundle ? <bundle.FootBars withMessage={!inFoot} narrow={!wide} /> : null}
      </View>
      {wide || feet > 0 ? null : InFoot ? (
        <PlacesBeside message={<InFoot />} />
      ) : (
        <Places wide={false} />
      )}
    </View>
  );
};
