import { mustRun } from './say.mjs';
import { build, installPackages } from './setup.mjs';

installPackages('npm run bench');
build();
mustRun('npx', ['tsx', 'bench/src/main.ts', ...process.argv.slice(2)]);
