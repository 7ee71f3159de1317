import { join } from 'node:path';
import { root } from './say.mjs';

/** Databases that Knex could speak to and that are not used here. */
const otherDatabases = ['mariadb', 'mysql', 'mysql2', 'oracledb', 'pg', 'pg-native'];
const otherDrivers = ['pg-query-stream', 'sqlite3', 'tedious'];
/** Packages with native code, or that start files of their own. */
const asPackages = ['better-sqlite3', '@node-rs/argon2', 'pino', 'pino-http', 'selfsigned'];

/**
 * How esbuild bundles the server: one file for each entry instead of hundreds, so that it starts in
 * two thirds of the time.
 *
 * @param {string} outdir a folder directly in server/, from which the server finds web/dist
 */
export const serverBundle = (outdir) => ({
  entryPoints: ['main', 'restoreMain', 'work/ledgerThread'].map((name) =>
    join(root, `server/src/${name}.ts`),
  ),
  outdir: join(root, outdir),
  // All beside each other, whichever folder they come from.
  entryNames: '[name]',
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  external: [...asPackages, ...otherDatabases, ...otherDrivers],
  alias: { '@yellow-ledger/core': join(root, 'core/src/index.ts') },
  banner: {
    js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
  },
  logLevel: 'warning',
});
