import { z } from 'zod';

/** How quantities are shown. Inside Obrik everything is SI; only the edge converts. */
export const unitSystem = z.enum(['metric', 'us']);
export type UnitSystem = z.infer<typeof unitSystem>;
