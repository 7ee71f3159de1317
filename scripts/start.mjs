import { spawn } from 'node:child_process';
import { root, say } from './say.mjs';
import { build, installPackages } from './setup.mjs';

const options = process.argv.slice(2);
installPackages(options.includes('--demo') ? 'npm run demo' : 'npm start');
build();
say(options.includes('--demo') ? 'Starting with the demo data …' : 'Starting with your own data …');
const server = spawn(process.execPath, ['server/dist/main.js', ...options], {
  cwd: root,
  stdio: 'inherit',
});
// Ctrl+C reaches the server too; it closes its database and ends by itself.
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
