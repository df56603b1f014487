import { act, render, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { Text } from 'react-native';
import { Provider } from 'react-redux';
import { noticed } from '@/state/notice';
import { store } from '@/state/store';
import { Screen } from '@/ui/controls';
import { Shell } from './Shell';

jest.mock('expo-router', () => ({
  usePathname: () => '/today',
  useRouter: () => ({}),
  Link: ({ children }: { children: ReactNode }) => children,
}));
jest.mock('./screenBundleLoader', () => {
  const { createElement } = jest.requireActual<typeof import('react')>('react');
  return {
    useScreenBundle: () => ({
      NoticeInFoot: () => createElement('i', null, 'told in the foot'),
      FootBars: ({ withMessage }: { withMessage: boolean }) =>
        withMessage ? createElement('i', null, 'told in a row') : null,
    }),
  };
});

const withFoot = (foot: boolean) => (
  <Provider store={store}>
    <Shell>
      <Screen foot={foot ? <Text>Do it</Text> : null}>
        <Text>Today</Text>
      </Screen>
    </Shell>
  </Provider>
);

describe('a message with its undo', () => {
  it('stays where it is when what a screen keeps at its foot comes later', () => {
    const undo = { pieceId: null, entryIds: ['e1'] };
    const { rerender } = render(withFoot(false));
    act(() => void store.dispatch(noticed({ text: 'Schedule updated.', tone: 'plain', undo })));
    expect(screen.getByText('told in the foot')).toBeTruthy();
    expect(screen.queryByText('told in a row')).toBeNull();
    rerender(withFoot(true));
    expect(screen.getByText('told in the foot')).toBeTruthy();
    expect(screen.queryByText('told in a row')).toBeNull();
  });
  it('has a line of its own where there is nothing to undo and nothing at the foot', () => {
    render(withFoot(false));
    act(() => void store.dispatch(noticed({ text: 'No room left.', tone: 'vermilion' })));
    expect(screen.getByText('told in a row')).toBeTruthy();
  });
});
