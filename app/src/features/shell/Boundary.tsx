import { usePathname, useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { ErrorBoundary } from 'react-error-boundary';
import { Body, MainButton, PlainButton, Screen, Subheading } from '@/ui/controls';

/** Where a screen fails, the others go on; what was recorded and typed is kept. */
export const Boundary = ({ children }: { readonly children: ReactNode }) => {
  const here = usePathname();
  const router = useRouter();
  return (
    <ErrorBoundary
      resetKeys={[here]}
      fallbackRender={({ resetErrorBoundary }) => (
        <Screen narrow>
          <View role="alert" style={{ padding: 24, gap: 12 }}>
            <Subheading>This screen failed</Subheading>
            <Body>
              Something on it could not be shown. What you recorded is safe, the other screens work.
            </Body>
            <PlainButton title="Try again" onPress={resetErrorBoundary} />
            <MainButton title="Back to pieces" onPress={() => router.navigate('/pieces')} />
          </View>
        </Screen>
      )}
    >
      {children}
    </ErrorBoundary>
  );
};
