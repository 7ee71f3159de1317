import { build } from 'esbuild';
import { join } from 'node:path';
import { root } from './say.mjs';

/** Databases that Knex could speak to, and nobody here has. */
const otherDatabases = ['mariadb', 'mysql', 'mysql2', 'oracledb', 'pg', 'pg-native'];
const otherDrivers = ['pg-query-stream', 'sqlite3', 'tedious'];
/** What is native, and what starts files of its own. */
const asPackages = ['better-sqlite3', '@node-rs/argon2', 'pino', 'pino-http', 'selfsigned'];

// One file each and not hundreds: a server starts in two thirds of the time.
await build({
  entryPoints: ['main', 'restoreMain', 'work/ledgerThread'].map((name) =>
    join(root, `server/src/${name}.ts`),
  ),
  outdir: join(root, 'server/dist'),
  // All beside each other, whatever folder they come from.
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
