const fc = require('fast-check');

// The same cases on every run, so that a failure is met again; PROPERTY_SEED looks at others.
fc.configureGlobal({ seed: Number(process.env.PROPERTY_SEED ?? 20260501) });

// A thorough run over more pieces than the suite has time for: ROUTE_CASES=5000 npx jest route
if (process.env.ROUTE_CASES) globalThis.ROUTE_CASES = Number(process.env.ROUTE_CASES);
