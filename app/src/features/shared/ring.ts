/** Two tones of a second, made on the spot: nothing has to be fetched to ring. */
const tones = (): void => {
  const context = new AudioContext();
  const gain = context.createGain();
  gain.gain.value = 0.4;
  gain.connect(context.destination);
  [660, 880].forEach((frequency, index) => {
    const tone = context.createOscillator();
    tone.frequency.value = frequency;
    tone.connect(gain);
    tone.start(context.currentTime + index * 0.5);
    tone.stop(context.currentTime + index * 0.5 + 0.4);
  });
  setTimeout(() => void context.close(), 1500);
};

/** Rings and vibrates, as far as the device lets a page do so. */
export const ring = (): void => {
  if ('vibrate' in navigator) navigator.vibrate([300, 150, 300]);
  if (typeof AudioContext === 'undefined') return;
  try {
    tones();
  } catch {
    // Without sound the screen says it all the same.
  }
};
