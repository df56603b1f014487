/** Built apart from the screens (`scripts/lib/worker.mjs`), and served beside the page. */
const ADDRESS = '/planner.js';

/** Starts a thread for what takes longer than a screen may wait. */
export const startWorker = (): Worker => new Worker(ADDRESS);
