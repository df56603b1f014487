import { Text } from '@rneui/themed';
import { useEffect, useState } from 'react';
import { Pressable, View } from 'react-native';
import { FONTS, SIZES, TARGET, usePalette } from '@/ui/theme';

declare global {
  interface Window {
    /** Somebody asked for the new version: the page loads again when it has taken over. */
    obrikTakesOver?: boolean;
  }
}

/** A new version is on the device: it takes over when somebody says so. What waits stays. */
export const NewVersion = () => {
  const palette = usePalette();
  const [ready, setReady] = useState<ServiceWorkerRegistration>();
  useEffect(() => {
    const told = (event: Event) =>
      setReady((event as CustomEvent<ServiceWorkerRegistration>).detail);
    globalThis.addEventListener('obrik-new-version', told);
    return () => globalThis.removeEventListener('obrik-new-version', told);
  }, []);
  if (!ready) return null;
  const take = () => {
    window.obrikTakesOver = true;
    ready.waiting?.postMessage({ type: 'SKIP_WAITING' });
  };
  return (
    <View
      role="status"
      {...{ dataSet: { print: 'no' } }}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        backgroundColor: palette.slateSoft,
        paddingLeft: 16,
      }}
    >
      <Text style={{ flex: 1, color: palette.ink, fontSize: SIZES.small, paddingVertical: 8 }}>
        A new version of Obrik is here.
      </Text>
      <Pressable
        role="button"
        aria-label="Take the new version"
        onPress={take}
        style={{ minHeight: TARGET, paddingHorizontal: 14, justifyContent: 'center' }}
      >
        <Text style={{ fontFamily: FONTS.headBold, fontSize: SIZES.title, color: palette.ink }}>
          Take it
        </Text>
      </Pressable>
    </View>
  );
};
