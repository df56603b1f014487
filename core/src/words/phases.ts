/** Phases of the work that read better by another name; each short enough for a column. */
const NAMES: Readonly<Record<string, string>> = {
  dismantle: 'take apart',
  reassemble: 'put back',
  handover: 'hand over',
};

/** A phase as it is named wherever somebody reads of it. */
export const phaseInWords = (phase: string): string => NAMES[phase] ?? phase;
