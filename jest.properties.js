const fc = require('fast-check');

// The same cases on every run, so that a failure is met again; PROPERTY_SEED looks at others.
fc.configureGlobal({ seed: Number(process.env.PROPERTY_SEED ?? 20260501) });
