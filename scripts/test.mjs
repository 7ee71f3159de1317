import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { endWhenHeld, lock } from './locks.mjs';
import { root, say } from './say.mjs';
import { build, installChromium, installPackages } from './setup.mjs';

const isLong = process.argv.includes('--long');
const command = isLong ? 'npm run test:long' : 'npm test';
const results = join(root, 'test-results');
// They write to one folder, and a busy machine would slow both.
lock('test', command, endWhenHeld('Tests of this folder'));
installPackages(command);
installChromium();
rmSync(results, { recursive: true, force: true });
mkdirSync(results);

let passed = 0;
let failed = 0;
const count = (good, bad) => {
  passed += good;
  failed += bad;
};
const startedAt = Date.now();
const minutes = () => `${((Date.now() - startedAt) / 60_000).toFixed(1)} min`;

/** Runs a command and keeps what it prints for when it is through. @returns whether it succeeded */
function runBeside(what, [program, ...args], env = {}) {
  return new Promise((ended) => {
    let said = '';
    const child = spawn(program, args, { cwd: root, env: { ...process.env, ...env } });
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (text) => (said += text.toString()));
    child.on('error', (error) => ended({ isGood: false, said: error.message }));
    child.on('close', (code) => ended({ isGood: code === 0, said }));
  }).then(({ isGood, said }) => {
    say(`${what}: ${isGood ? 'good' : 'failed'} (${minutes()})`);
    if (!isGood) console.log(said);
    return isGood;
  });
}

/** A check that passes or fails as a whole. */
async function check(what, args) {
  const isGood = await runBeside(what, args);
  count(isGood ? 1 : 0, isGood ? 0 : 1);
}

/** Tests that are counted one by one from the report they write; no report is a failure. */
async function tests(what, args, env, report, countsOf) {
  const isGood = await runBeside(what, args, env);
  try {
    const [good, bad] = countsOf(JSON.parse(readFileSync(join(results, report), 'utf8')));
    count(good, bad === 0 && (!isGood || good === 0) ? 1 : bad);
  } catch {
    count(0, 1);
  }
}

const npmRun = (script) => ['npm', 'run', script, '--silent'];
const unitTests = () =>
  tests(
    'Unit tests',
    ['npx', 'jest', '--maxWorkers=2', '--json', `--outputFile=${join(results, 'unit.json')}`],
    isLong ? { LONG_TESTS: '1' } : {},
    'unit.json',
    (report) => [report.numPassedTests, report.numFailedTests + report.numRuntimeErrorTestSuites],
  );

if (isLong) {
  say(
    'Unit tests with every case: whole corpora, properties of many cases, all drawn photographs …',
  );
  await unitTests();
} else {
  say('Build, types, lint, form, layers and unit tests, side by side …');
  build();
  count(1, 0);
  await Promise.all([
    unitTests(),
    check('Types', npmRun('types'))
      .then(() => check('Lint', npmRun('lint')))
      .then(() => check('Form', npmRun('form')))
      .then(() => check('Layers', npmRun('layers'))),
  ]);
  say(`End-to-end tests … (${minutes()})`);
  await tests(
    'End-to-end tests',
    ['npx', 'playwright', 'test', '--config', 'e2e/playwright.config.ts'],
    { PLAYWRIGHT_JSON_OUTPUT_NAME: join(results, 'e2e.json') },
    'e2e.json',
    // A test that passes only on a second try counts as failed.
    ({ stats }) => [stats.expected, stats.unexpected + stats.flaky],
  );
}

say(`Through in ${minutes()}.`);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
