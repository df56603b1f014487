/** How things stand between this device and the shop. */
export type Link = 'connecting' | 'connected' | 'offline' | 'unpaired';
