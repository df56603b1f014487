import { fireEvent, render, screen } from '@testing-library/react';
import { Pressable, View } from 'react-native';
import { useDragAndPinch } from './useDragAndPinch';

interface Seen {
  readonly grabs: (readonly [number, number])[];
  readonly drags: number[];
  readonly zooms: number[];
  taps: number;
}

const shown = (): { readonly seen: Seen; readonly element: HTMLElement } => {
  const seen: Seen = { grabs: [], drags: [], zooms: [], taps: 0 };
  const Pad = () => {
    const ref = useDragAndPinch({
      onGrab: (x, y) => seen.grabs.push([x, y]),
      onDrag: (dx) => seen.drags.push(dx),
      onZoom: (by) => seen.zooms.push(by),
    });
    return (
      <View ref={ref} aria-label="pad" role="group">
        <Pressable role="button" aria-label="tap" onPress={() => seen.taps++} />
      </View>
    );
  };
  render(<Pad />);
  return { seen, element: screen.getByLabelText('pad') };
};

/** jsdom knows no pointers: a mouse event with an id does as one. */
const point = (on: EventTarget, type: string, id: number, x: number, y = 10): void => {
  const event = new MouseEvent(type, { clientX: x, clientY: y, bubbles: true });
  Object.assign(event, { pointerId: id });
  fireEvent(on as Element, event);
};

describe('a finger on the lanes', () => {
  it('that stays within a few px taps; farther sideways it drags, and its click is no tap', () => {
    const { seen, element } = shown();
    const target = screen.getByLabelText('tap');
    point(target, 'pointerdown', 1, 100);
    point(target, 'pointermove', 1, 105);
    point(target, 'pointerup', 1, 105);
    fireEvent.click(target);
    expect([seen.grabs, seen.drags, seen.taps]).toEqual([[], [], 1]);
    point(element, 'pointerdown', 1, 100);
    point(element, 'pointermove', 1, 140);
    point(element, 'pointermove', 1, 170);
    point(element, 'pointerup', 1, 170);
    fireEvent.click(target);
    expect(seen.grabs).toEqual([[100, 10]]);
    expect(seen.drags).toEqual([40, 70]);
    expect(seen.taps).toBe(1);
    // And the next tap is one again.
    fireEvent.click(target);
    expect(seen.taps).toBe(2);
  });

  it('with another asks for fewer days going apart, for more coming together, and drags nothing', () => {
    const { seen, element } = shown();
    point(element, 'pointerdown', 1, 100);
    point(element, 'pointerdown', 2, 200);
    point(element, 'pointermove', 2, 220);
    expect(seen.zooms).toEqual([]);
    point(element, 'pointermove', 2, 250);
    point(element, 'pointermove', 2, 320);
    expect(seen.zooms).toEqual([-1, -1]);
    point(element, 'pointermove', 2, 230);
    expect(seen.zooms).toEqual([-1, -1, 1]);
    point(element, 'pointerup', 2, 230);
    point(element, 'pointermove', 1, 300);
    expect(seen.drags).toEqual([]);
    expect(element.style.touchAction).toBe('pan-y');
  });
});
