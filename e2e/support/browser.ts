/** How Debian's Chromium is started on a machine without a network. */
export const chromiumOptions = {
  executablePath: process.env.YELLOW_LEDGER_CHROMIUM ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-background-networking',
    '--disable-quic',
    '--no-first-run',
    '--disable-component-update',
    '--disable-sync',
  ],
};
