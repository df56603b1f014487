/** A letter of the label face is about so wide, px. */
export const LETTER = 6.6;

/** As much of a text as has room. @param width px */
export const shortened = (text: string, width: number): string => {
  const room = Math.floor((width - 8) / LETTER);
  if (room < 2) return '';
  // A count stands by itself where there is no room for more.
  if (room < 8) return /^\d+ ×/.exec(text)?.[0] ?? '';
  return text.length <= room ? text : `${text.slice(0, Math.max(1, room - 1))}…`;
};
