import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { giveUp, root, say } from './say.mjs';
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
  address = null;
  isEnding = false;
  onOpen = () => undefined;
  firstOpen = new Promise((opened) => (this.onOpen = opened));

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
        YELLOW_LEDGER_PORT: this.address ? new URL(this.address).port : '0',
      },
    });
    this.child = child;
    await new Promise((opened) => {
      let said = '';
      child.once('exit', opened);
      child.stdout.on('data', (text) => {
        said += text;
        const [, address] = /open at (http:\/\/\S+?)\/?\s/.exec(said) ?? [];
        if (!address) return;
        this.address = address;
        opened();
      });
    });
    if (!this.address) giveUp('The server ended at its start; see above.');
    this.onOpen();
  }

  async end() {
    const { child } = this;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const ended = new Promise((done) => child.once('exit', done));
    child.kill('SIGTERM');
    await ended;
  }
}

const server = new DevServer();
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

say('Bundling the server and starting it on the demo data …');
const options = serverBundle('server/dist-dev');
const bundle = await context({ ...options, plugins: [restartAfterBuild] });
await bundle.watch();
await server.firstOpen;

process.env.YELLOW_LEDGER_API = server.address;
const client = await createServer({
  configFile: join(root, 'web/vite.config.ts'),
  server: { host: '127.0.0.1', port: Number(process.env.YELLOW_LEDGER_DEV_PORT ?? 5173) },
});
await client.listen();
say(`Open ${client.resolvedUrls.local[0]} (client and server reload as files change; data: ${dataFolder})`);

for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, async () => {
    server.isEnding = true;
    await Promise.all([client.close(), bundle.dispose(), server.end()]);
    process.exit(0);
  });
