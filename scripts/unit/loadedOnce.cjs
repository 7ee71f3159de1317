/**
 * The core and Zod, loaded outside the sandbox of a test file: Node keeps them as long as the worker
 * lives, where Jest would load their hundreds of files for every test file.
 */
exports.load = () => ({
  '@yellow-ledger/core': require('../../.cache/unit/core.cjs'),
  zod: require('zod'),
  'zod/v4/core': require('zod/v4/core'),
});

/** Kept by a test worker from one test file to the next, such as a migrated database. */
exports.keptByWorker = new Map();
