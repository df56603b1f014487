/** How quantities are shown. Inside Obrik everything is SI; only the edge converts. */
export const UNIT_SYSTEMS = ['metric', 'us'] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];
