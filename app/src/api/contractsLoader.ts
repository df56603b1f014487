/** Forms of the server's replies: they come with the schemas, which the first screen does without. */
export type Contracts = typeof import('@obrik/core/contracts');

export const loadContracts = (): Promise<Contracts> => import('@obrik/core/contracts');
