import { X509Certificate } from 'node:crypto';
import { mkdtempSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { connect } from 'node:tls';
import type { AddressInfo } from 'node:net';
import { madeCertificate } from './madeCertificate';
import { addressesOf, servingOf } from './serve';
import { startOptions } from './startOptions';
import { StartProblem } from './startProblem';

const folder = () => mkdtempSync(join(tmpdir(), 'yellow-ledger-club-start-'));

describe('what a club is started with', () => {
  test('it makes its own certificate and listens in the network, unless said otherwise', () => {
    expect(startOptions([], {}).club).toBeNull();
    expect(startOptions(['--club'], {}).club).toEqual({
      host: '0.0.0.0',
      carriage: { by: 'made certificate' },
      names: [],
    });
    expect(
      startOptions(['--club', '--plain-http'], { YELLOW_LEDGER_HOST: '10.0.0.4' }).club,
    ).toEqual({ host: '10.0.0.4', carriage: { by: 'plain http' }, names: [] });
    expect(
      startOptions(['--club'], { YELLOW_LEDGER_BEHIND: 'https://ledger.example' }).club,
    ).toEqual({
      host: '127.0.0.1',
      carriage: { by: 'proxy', address: 'https://ledger.example' },
      names: [],
    });
  });

  test('the sample club has a ledger of its own; a club’s is that of who had it alone', () => {
    const fileOf = (args: string[]) => startOptions(args, {}).databaseFile.split('/').at(-1);
    expect([['--demo'], ['--demo', '--club'], ['--club'], []].map(fileOf)).toEqual([
      'demo.sqlite',
      'demo-club.sqlite',
      'ledger.sqlite',
      'ledger.sqlite',
    ]);
  });

  test.each([
    [['--plain-http'], {}, /--plain-http is for --club alone/],
    [['--club'], { YELLOW_LEDGER_CERTIFICATE: '/nowhere.pem', YELLOW_LEDGER_KEY: '/k' }, /nowhere/],
    [['--club'], { YELLOW_LEDGER_KEY: '/k' }, /YELLOW_LEDGER_CERTIFICATE is not set/],
    [['--club'], { YELLOW_LEDGER_NAMES: 'a.example https://b.example' }, /“https:\/\/b.example”/],
    [['--club'], { YELLOW_LEDGER_BEHIND: 'ledger.example' }, /it should be where the proxy/],
    [['--club'], { YELLOW_LEDGER_BEHIND: 'http://ledger.example' }, /https:/],
    [['--club'], { YELLOW_LEDGER_BEHIND: 'https://a.example/deep' }, /https:/],
    [
      ['--club', '--plain-http'],
      { YELLOW_LEDGER_BEHIND: 'https://ledger.example' },
      /exclude each other/,
    ],
  ])('%j %j is refused in a sentence', (args, env, said) => {
    expect(() => startOptions(args, env)).toThrow(said);
    expect(() => startOptions(args, env)).toThrow(StartProblem);
  });
});

describe('the certificate made at first start', () => {
  test('is kept for its owner alone, and stays the same from start to start', async () => {
    const where = folder();
    const first = await madeCertificate(where, ['192.0.2.7'], []);
    const again = await madeCertificate(where, ['192.0.2.7'], []);
    expect(again).toEqual(first);
    for (const name of ['root.key.pem', 'server.key.pem'])
      expect(statSync(join(where, 'certificate', name)).mode & 0o077).toBe(0);
    expect(statSync(join(where, 'certificate')).mode & 0o077).toBe(0);
    const leaf = new X509Certificate(first.certificate);
    expect(leaf.checkIP('192.0.2.7')).toBe('192.0.2.7');
    expect(leaf.checkHost('localhost')).toBe('localhost');
    expect(leaf.ca).toBe(false);
  });

  test('at another address it is made anew by the same root, which phones trust already', async () => {
    const where = folder();
    const first = await madeCertificate(where, ['192.0.2.7'], []);
    const moved = await madeCertificate(where, ['192.0.2.8'], ['ledger.example']);
    expect(moved.root).toBe(first.root);
    expect(moved.fingerprint).toBe(first.fingerprint);
    const leaf = new X509Certificate(moved.certificate);
    expect([leaf.checkIP('192.0.2.8'), leaf.checkHost('ledger.example')]).toEqual([
      '192.0.2.8',
      'ledger.example',
    ]);
  });

  test('one that is damaged is made anew', async () => {
    const where = folder();
    const first = await madeCertificate(where, [], []);
    writeFileSync(join(where, 'certificate', 'server.pem'), 'not a certificate');
    const mended = await madeCertificate(where, [], []);
    expect(mended.root).toBe(first.root);
    expect(mended.key).not.toBe(first.key);
  });

  test('carries what is said, to whoever trusts the root', async () => {
    const where = folder();
    const serving = await servingOf(
      { host: '127.0.0.1', carriage: { by: 'made certificate' }, names: [] },
      where,
    );
    const server = serving.serverOf((_request, response) => void response.end('in'));
    await new Promise<void>((open) => server.listen(0, '127.0.0.1', open));
    const { port } = server.address() as AddressInfo;
    expect(addressesOf(serving, port)).toEqual([`https://127.0.0.1:${port}/`]);
    const ca = readFileSync(join(where, 'certificate', 'root.pem'));
    const isTrusted = (trusted?: Buffer) =>
      new Promise<boolean>((told) => {
        const socket = connect({ port, host: '127.0.0.1', ca: trusted }, () => {
          told(socket.authorized);
          socket.destroy();
        });
        socket.once('error', () => told(false));
      });
    const told = [await isTrusted(ca), await isTrusted()];
    await new Promise((closed) => server.close(closed));
    expect(told).toEqual([true, false]);
  });
});
