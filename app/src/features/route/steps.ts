/** Step numbers in words: "1–4, 6". */
export const stepsInWords = (numbers: readonly number[]): string => {
  const runs: [number, number][] = [];
  for (const it of [...numbers].sort((a, b) => a - b)) {
    const last = runs.at(-1);
    if (last && it === last[1] + 1) last[1] = it;
    else runs.push([it, it]);
  }
  return runs.map(([from, to]) => (from === to ? `${from}` : `${from}–${to}`)).join(', ');
};
