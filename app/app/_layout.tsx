import { Slot } from 'expo-router';
import { Provider } from 'react-redux';
import { Shell } from '@/features/shell/Shell';
import { Start } from '@/features/shell/Start';
import { store } from '@/state/store';
import { ThemeProvider, useFaces } from '@/ui/theme';

export default function RootLayout() {
  // Text is there before its face is: nobody waits for a letter to be pretty.
  useFaces();
  return (
    <Provider store={store}>
      <Start>
        <ThemeProvider>
          <Shell>
            <Slot />
          </Shell>
        </ThemeProvider>
      </Start>
    </Provider>
  );
}
