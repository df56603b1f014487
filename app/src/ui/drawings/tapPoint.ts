import type { GestureResponderEvent } from 'react-native';

/** Where in a pressed element the thumb was, px; undefined where it was pressed by the keyboard. */
export const tapPoint = (
  event: GestureResponderEvent,
): { readonly x: number; readonly y: number } | undefined => {
  const { locationX, locationY } = event.nativeEvent;
  if (Number.isFinite(locationX)) return { x: locationX, y: locationY };
  // In a browser a press comes as a click, which knows its place on the page only.
  const click = event.nativeEvent as unknown as Partial<MouseEvent>;
  const element = event.currentTarget as unknown as Partial<Element>;
  if (!click.detail || click.clientX === undefined || click.clientY === undefined) return undefined;
  const box = element.getBoundingClientRect?.();
  return box && { x: click.clientX - box.left, y: click.clientY - box.top };
};
