import { useEffect, useRef, type ReactNode } from 'react';
import { Platform, View, type ViewStyle } from 'react-native';

interface RadioGroupProps {
  readonly label: string;
  readonly children: ReactNode;
  readonly style?: ViewStyle;
}

const STEPS: Readonly<Record<string, 1 | -1>> = {
  ArrowRight: 1,
  ArrowDown: 1,
  ArrowLeft: -1,
  ArrowUp: -1,
};

const radiosIn = (group: HTMLElement): readonly HTMLElement[] => [
  ...group.querySelectorAll<HTMLElement>('[role=radio]'),
];

/**
 * Options of which one is chosen. By keyboard it is one stop: Tab leads to the chosen one, arrow keys choose the next
 * or the one before (ARIA authoring practices, radio group).
 */
export const RadioGroup = ({ label, children, style }: RadioGroupProps) => {
  const group = useRef<View>(null);
  useEffect(() => {
    if (Platform.OS !== 'web') return;
    const radios = radiosIn(group.current as unknown as HTMLElement);
    const chosen = radios.find((it) => it.getAttribute('aria-checked') === 'true') ?? radios[0];
    for (const it of radios) it.tabIndex = it === chosen ? 0 : -1;
  });
  useEffect(() => {
    if (Platform.OS !== 'web') return undefined;
    const element = group.current as unknown as HTMLElement;
    const onKey = (event: KeyboardEvent) => {
      const step = STEPS[event.key];
      const radios = radiosIn(element);
      const at = radios.indexOf(document.activeElement as HTMLElement);
      if (step === undefined || at < 0) return;
      event.preventDefault();
      const next = radios[(at + step + radios.length) % radios.length];
      next?.focus();
      next?.click();
    };
    element.addEventListener('keydown', onKey);
    return () => element.removeEventListener('keydown', onKey);
  }, []);
  return (
    <View
      ref={group}
      role="radiogroup"
      aria-label={label}
      style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, ...style }}
    >
      {children}
    </View>
  );
};
