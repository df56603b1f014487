import { useEffect } from 'react';

/** Reads a text out, where the browser has a voice of its own on the device. */
export const useSpeech = (): ((text: string) => void) | undefined => {
  const speech = typeof window === 'undefined' ? undefined : window.speechSynthesis;
  useEffect(() => () => speech?.cancel(), [speech]);
  if (!speech) return undefined;
  return (text) => {
    speech.cancel();
    speech.speak(new SpeechSynthesisUtterance(text));
  };
};
