const fc = require('fast-check');

// A change is judged by what it changes, not by the luck of the draw: every run tries the same
// cases. `npm run properties` tries fresh ones.
fc.configureGlobal({
  seed: Number(process.env.PROPERTY_SEED ?? 20261125),
  // Every case is tried by `npm run test:long`.
  numRuns: process.env.LONG_TESTS === '1' ? 100 : 25,
});
