import { existsSync } from 'node:fs';

/** The same browser without a window of its own: it starts and draws in less time. */
const shell = '/usr/bin/chromium-headless-shell';

/** How Debian's Chromium is started on a machine without a network. */
export const chromiumOptions = {
  executablePath:
    process.env.YELLOW_LEDGER_CHROMIUM ?? (existsSync(shell) ? shell : '/usr/bin/chromium'),
  args: [
    '--no-sandbox',
    '--disable-background-networking',
    '--disable-quic',
    '--no-first-run',
    '--disable-component-update',
    '--disable-sync',
  ],
};
