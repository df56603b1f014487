import { fireEvent, render, screen } from '@testing-library/react';
import { Text } from 'react-native';
import { Boundary } from './Boundary';

const mockNavigate = jest.fn();
let mockPath = '/pieces/p/look';
jest.mock('expo-router', () => ({
  usePathname: () => mockPath,
  useRouter: () => ({ navigate: mockNavigate }),
}));

let broken = true;
const Fragile = () => {
  if (broken) throw new Error('A drawing of no width.');
  return <Text>The screen</Text>;
};

beforeEach(() => {
  broken = true;
  mockPath = '/pieces/p/look';
  // React tells the console of every error that a boundary takes.
  jest.spyOn(console, 'error').mockImplementation(() => {});
});

describe('a screen that fails', () => {
  it('says so without the words of a programmer, and offers the way back', () => {
    render(
      <Boundary>
        <Fragile />
      </Boundary>,
    );
    expect(screen.getByRole('alert').textContent).toMatch(/What you recorded is safe/);
    expect(screen.queryByText(/no width/)).toBeNull();
    fireEvent.click(screen.getByText('Back to pieces'));
    expect(mockNavigate).toHaveBeenCalledWith('/pieces');
  });

  it('is there again when it is tried again, or when another screen is opened', () => {
    const { rerender } = render(
      <Boundary>
        <Fragile />
      </Boundary>,
    );
    broken = false;
    fireEvent.click(screen.getByText('Try again'));
    expect(screen.getByText('The screen')).toBeDefined();
    broken = true;
    rerender(
      <Boundary>
        <Fragile />
      </Boundary>,
    );
    expect(screen.getByRole('alert')).toBeDefined();
    broken = false;
    mockPath = '/settings';
    rerender(
      <Boundary>
        <Fragile />
      </Boundary>,
    );
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
