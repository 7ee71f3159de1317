/** Puts together what a machine needs that only runs the ledger: the built server and pages, and five packages. */
import { cpSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { mustRun, root, say } from './say.mjs';
import { build, installPackages } from './setup.mjs';

const folder = join(root, 'ship');
const shipped = ['yellow-ledger.service', 'Containerfile'].map((file) => `scripts/shipped/${file}`);

installPackages('npm run ship');
build();
say('Putting the shipped ledger together in ship/ …');
rmSync(folder, { recursive: true, force: true });
for (const part of ['server/dist', 'web/dist']) {
  mkdirSync(join(folder, part), { recursive: true });
  cpSync(join(root, part), join(folder, part), { recursive: true });
}
for (const file of ['LICENSE', 'docs/running.md', ...shipped])
  cpSync(join(root, file), join(folder, basename(file)));

const whole = readJson('package.json');
const { dependencies } = readJson('server/package.json');
const { version } = readJson('server/package.json');
// Everything else is in the built files; versions are those the tests ran with.
const asPackages = ['better-sqlite3', '@node-rs/argon2', 'pino', 'pino-http', 'selfsigned'];
const exact = Object.fromEntries(
  asPackages.map((name) => {
    if (!dependencies[name]) throw new Error(`${name} is no package of the server any more`);
    return [name, readJson(`node_modules/${name}/package.json`).version];
  }),
);
writeFileSync(
  join(folder, 'package.json'),
  `${JSON.stringify(
    {
      name: 'yellow-ledger-shipped',
      version,
      private: true,
      license: whole.license,
      type: 'module',
      engines: whole.engines,
      scripts: {
        start: 'node server/dist/main.js',
        restore: 'node server/dist/restoreMain.js',
      },
      dependencies: exact,
      allowScripts: { 'better-sqlite3': true },
    },
    null,
    2,
  )}\n`,
);
mustRun('npm', [
  'install',
  '--package-lock-only',
  '--omit-lockfile-registry-resolved',
  '--no-audit',
  '--no-fund',
  '--prefix',
  folder,
]);
say('ship/ is ready: copy it to where the ledger is to run, then “npm ci” and “npm start” there.');

function readJson(file) {
  return JSON.parse(readFileSync(join(root, file), 'utf8'));
}
