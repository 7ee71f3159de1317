const { join } = require('node:path');
const { build } = require('esbuild');

const root = join(__dirname, '../..');

/** Bundles the core for the tests of server and web, which take it as one thing. */
module.exports = () =>
  build({
    entryPoints: [join(root, 'core/src/index.ts')],
    outfile: join(root, '.cache/unit/core.cjs'),
    bundle: true,
    format: 'cjs',
    platform: 'node',
    target: 'node20',
    // The same copy of Zod as server and web have.
    external: ['zod'],
    sourcemap: 'inline',
    logLevel: 'warning',
  });
