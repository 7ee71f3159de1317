import { mustRun } from './say.mjs';
import { build, installChromium, installPackages } from './setup.mjs';

installPackages('npm run screenshots');
installChromium();
build();
mustRun('npx', ['tsx', 'e2e/screenshots.ts']);
