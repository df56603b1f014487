/** The one thing that sounds; a browser lets it sound after a tap only. */
let context: AudioContext | undefined;

/** May the page sound by now? */
export const hasSound = (): boolean => context?.state === 'running';

/** Asks for sound; works where a tap has just been made. */
export const wakeSound = async (): Promise<void> => {
  if (typeof AudioContext === 'undefined') return;
  try {
    context ??= new AudioContext();
    await context.resume();
  } catch {
    // Without sound the screen says it all the same.
  }
};

/** Two tones of a second, made on the spot: nothing has to be fetched to ring. */
const tones = (on: AudioContext): void => {
  const gain = on.createGain();
  gain.gain.value = 0.4;
  gain.connect(on.destination);
  [660, 880].forEach((frequency, index) => {
    const tone = on.createOscillator();
    tone.frequency.value = frequency;
    tone.connect(gain);
    tone.start(on.currentTime + index * 0.5);
    tone.stop(on.currentTime + index * 0.5 + 0.4);
  });
};

/** Asks once whether a notice may be shown when time is up and the page is not in sight. */
export const askForNotices = (): void => {
  if (typeof Notification === 'undefined' || Notification.permission !== 'default') return;
  void Notification.requestPermission().catch(() => undefined);
};

/** What a notice says. */
interface Rung {
  readonly title: string;
  /** What to look for; time is up where nothing else is said. */
  readonly rings?: string;
}

const notice = ({ title, rings = 'Time is up.' }: Rung): void => {
  if (typeof Notification === 'undefined' || Notification.permission !== 'granted') return;
  try {
    new Notification(title, { body: rings, tag: title });
  } catch {
    // Some phones show notices from a service worker only; the screen says it all the same.
  }
};

/** Rings, vibrates and shows a notice, as far as the device lets a page do so. */
export const ring = (rung: readonly Rung[]): void => {
  if ('vibrate' in navigator) navigator.vibrate([300, 150, 300]);
  if (context && hasSound()) tones(context);
  rung.forEach(notice);
};
