import { spawn } from 'node:child_process';
import { createServer as createNetServer } from 'node:net';
import { join } from 'node:path';
import { root, say } from './say.mjs';
import { installPackages } from './setup.mjs';

installPackages('npm run dev');

// Packages: loaded only now that they are there.
const { context } = await import('esbuild');
const { createServer } = await import('vite');
const { serverBundle } = await import('./serverBundle.mjs');

const dataFolder = process.env.YELLOW_LEDGER_DATA ?? join(root, '.cache/dev-data');

/** The server of the demo, which is started again whenever its sources change. */
class DevServer {
  child = null;
  isEnding = false;
  onOpen = () => undefined;
  firstOpen = new Promise((opened) => (this.onOpen = opened));

  constructor(port) {
    this.port = port;
  }

  /** Started again on the same port, so that the client finds it. */
  async restart() {
    await this.end();
    if (this.isEnding) return;
    const child = spawn(process.execPath, ['server/dist-dev/main.js', '--demo'], {
      cwd: root,
      stdio: ['ignore', 'pipe', 'inherit'],
      env: {
        ...process.env,
        YELLOW_LEDGER_DATA: dataFolder,
        YELLOW_LEDGER_PORT: String(this.port),
      },
    });
    this.child = child;
    const isOpen = await new Promise((answer) => {
      let said = '';
      child.once('exit', () => answer(false));
      child.stdout.on('data', (text) => {
        said += text;
        if (/ is open at http/.test(said)) answer(true);
      });
    });
    if (isOpen) return this.onOpen();
    say('Server: it ended at its start; see above. It is tried again when a file changes.');
  }

  async end() {
    const { child } = this;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const ended = new Promise((done) => child.once('exit', done));
    child.kill('SIGTERM');
    await ended;
  }
}

/** A port nobody uses, for the server behind the client's. */
async function freePort() {
  const probe = createNetServer();
  await new Promise((listening) => probe.listen(0, '127.0.0.1', listening));
  const { port } = probe.address();
  await new Promise((closed) => probe.close(closed));
  return port;
}

const server = new DevServer(await freePort());
let builds = 0;
const restartAfterBuild = {
  name: 'restart-after-build',
  setup: ({ onEnd }) =>
    onEnd(async ({ errors }) => {
      builds++;
      if (errors.length > 0) return say('Server: the build failed; the one before goes on.');
      await server.restart();
      if (builds > 1) say('Server: started again.');
    }),
};

say('Starting the server on the demo data, and the client …');
const serverFiles = await context({
  ...serverBundle('server/dist-dev'),
  plugins: [restartAfterBuild],
});
// In one file, a page asks for some 300 modules fewer, and once more for its worker.
const coreFile = join(root, 'core/dist-dev/index.js');
const coreFiles = await context({
  entryPoints: [join(root, 'core/src/index.ts')],
  outfile: coreFile,
  bundle: true,
  format: 'esm',
  packages: 'external',
  sourcemap: 'inline',
});
await coreFiles.rebuild();
process.env.YELLOW_LEDGER_API = `http://127.0.0.1:${server.port}`;
process.env.YELLOW_LEDGER_DEV_CORE = coreFile;
const [client] = await Promise.all([
  createServer({
    configFile: join(root, 'web/vite.config.ts'),
    server: { host: '127.0.0.1', port: Number(process.env.YELLOW_LEDGER_DEV_PORT ?? 5173) },
  }).then((made) => made.listen()),
  coreFiles.watch(),
  serverFiles.watch(),
  server.firstOpen,
]);
say(
  `Open ${client.resolvedUrls.local[0]} (client and server reload as files change; data: ${dataFolder})`,
);

for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, async () => {
    server.isEnding = true;
    await Promise.all([client.close(), serverFiles.dispose(), coreFiles.dispose(), server.end()]);
    process.exit(0);
  });
