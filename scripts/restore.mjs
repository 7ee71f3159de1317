import { resolve } from 'node:path';
import { root, run } from './say.mjs';
import { build, installPackages } from './setup.mjs';

installPackages('npm run restore');
build();
// Named from where it was called, and read from the project's folder.
const files = process.argv.slice(2).map((file) => resolve(process.env.INIT_CWD ?? '.', file));
process.exit(run(process.execPath, [`${root}/server/dist/restoreMain.js`, ...files]));
