import { Slot } from 'expo-router';
import Head from 'expo-router/head';
import { Provider } from 'react-redux';
import { PersistGate } from 'redux-persist/integration/react';
import { Shell } from '@/features/shell/Shell';
import { persistor, store } from '@/state/store';
import { ThemeProvider, useFaces } from '@/ui/theme';

export default function RootLayout() {
  const faces = useFaces();
  if (!faces) return null;
  return (
    <Provider store={store}>
      <PersistGate persistor={persistor}>
        <ThemeProvider>
          <Head>
            <title>Obrik</title>
          </Head>
          <Shell>
            <Slot />
          </Shell>
        </ThemeProvider>
      </PersistGate>
    </Provider>
  );
}
