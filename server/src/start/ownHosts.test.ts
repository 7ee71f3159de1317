import { hostname } from 'node:os';
import { madeCertificate } from './madeCertificate';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startOptions } from './startOptions';
import { ownHosts } from './ownHosts';

const isOwn = (env: NodeJS.ProcessEnv) => ownHosts(startOptions(['--club'], env).club!);

test('a club answers at its own addresses and at the names it was told, and at no others', () => {
  const own = isOwn({ YELLOW_LEDGER_NAMES: 'club.example, reeds.local' });
  for (const name of ['localhost', '127.0.0.1', 'CLUB.example', 'reeds.local', hostname()])
    expect([name, own(name)]).toEqual([name, true]);
  for (const name of [
    '',
    'rebound.example',
    'localhost.example',
    '192.0.2.77',
    'evil-club.example',
  ])
    expect([name, own(name)]).toEqual([name, false]);
});

test('behind a proxy it answers at the proxy’s name', () => {
  const own = isOwn({ YELLOW_LEDGER_BEHIND: 'https://ledger.example:8443' });
  expect(own('ledger.example')).toBe(true);
});

test('with a certificate of its own it answers at the names that is for', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'yellow-ledger-hosts-'));
  await madeCertificate(folder, ['192.0.2.7'], ['table.example']);
  const own = isOwn({
    YELLOW_LEDGER_CERTIFICATE: join(folder, 'certificate', 'server.pem'),
    YELLOW_LEDGER_KEY: join(folder, 'certificate', 'server.key.pem'),
  });
  expect([own('table.example'), own('192.0.2.7'), own('other.example')]).toEqual([
    true,
    true,
    false,
  ]);
});
