import { LEAD_WET } from '../cautions';

/** What is told of work that sets a fault right, where lead lies below. */
export const wet = {
  title: (title: string) => `${title}, wet`,
  how: 'Lead lies below: wet-or-dry paper and a sponge, nothing dry; wipe the slurry up and bag the wipes.',
  cautions: [LEAD_WET],
} as const;
