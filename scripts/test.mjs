import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { root, run, runQuietly, say } from './say.mjs';
import { build, installChromium, installPackages } from './setup.mjs';

const results = join(root, 'test-results');
installPackages();
installChromium();
rmSync(results, { recursive: true, force: true });
mkdirSync(results);

let passed = 0;
let failed = 0;
const count = (good, bad) => {
  passed += good;
  failed += bad;
};

/** Checks that pass or fail as a whole, side by side; each says its piece when it is through. */
async function checks(named) {
  say(`${Object.keys(named).join(', ')} …`);
  const ended = Object.entries(named).map(async ([what, script]) => {
    const { isGood, said } = await runQuietly('npm', ['run', script, '--silent']);
    say(`${what}: ${isGood ? 'good' : 'failed'}`);
    if (!isGood) console.log(said);
    count(isGood ? 1 : 0, isGood ? 0 : 1);
  });
  await Promise.all(ended);
}

/** Tests that are counted one by one from the report they write; no report is a failure. */
function tests(what, command, args, env, report, countsOf) {
  say(`${what} …`);
  const isGood = run(command, args, env) === 0;
  try {
    const [good, bad] = countsOf(JSON.parse(readFileSync(join(results, report), 'utf8')));
    count(good, bad === 0 && (!isGood || good === 0) ? 1 : bad);
  } catch {
    count(0, 1);
  }
}

await checks({ Types: 'types', 'Lint and form': 'lint', Layers: 'layers' });
tests(
  'Unit tests',
  'npx',
  ['jest', '--maxWorkers=2', '--json', `--outputFile=${join(results, 'unit.json')}`],
  {},
  'unit.json',
  (report) => [report.numPassedTests, report.numFailedTests + report.numRuntimeErrorTestSuites],
);
say('Build …');
build();
count(1, 0);
tests(
  'End-to-end tests',
  'npx',
  ['playwright', 'test', '--config', 'e2e/playwright.config.ts'],
  { PLAYWRIGHT_JSON_OUTPUT_NAME: join(results, 'e2e.json') },
  'e2e.json',
  ({ stats }) => [stats.expected + stats.flaky, stats.unexpected],
);

console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
