import { entrySchema } from '@yellow-ledger/core';
import { testClub } from '../club/testClub';
import { isPassphrase } from '../club/login/passphrases';
import { addDemo } from './addDemo';
import { freshPassphrases, sampleMembers } from './sampleClub';

test('the sample club is there once, however often it is started, and its evening can be read', async () => {
  const { club, ledger, db, close } = await testClub();
  await addDemo(ledger, club);
  const before = await ledger.log.all();
  await addDemo(ledger, club);
  expect((await club.members.list()).map(({ name }) => name)).toEqual(
    sampleMembers.map(({ name }) => name),
  );
  expect(await ledger.log.all()).toHaveLength(before.length);
  const rows = await db('log_entries').select<{ content: string }[]>('content');
  for (const { content } of rows)
    expect(entrySchema.safeParse(JSON.parse(content)).success).toBe(true);
  const ofWren = before.filter(({ by }) => by === 'Wren');
  expect(ofWren.length).toBeGreaterThan(2);
  // Of this evening, whenever it is started.
  expect(Date.now() - Date.parse(ofWren.at(-1)?.at ?? '')).toBeLessThan(3_600_000);
  expect((await club.claims.list()).length).toBeGreaterThan(10);
  await close();
});

test('each start draws passphrases anew, and the last ones alone let in', async () => {
  const { club, ledger, close } = await testClub();
  await addDemo(ledger, club);
  const [first, second] = [await freshPassphrases(club), await freshPassphrases(club)];
  expect(first.map(({ passphrase }) => passphrase)).not.toEqual(
    second.map(({ passphrase }) => passphrase),
  );
  const hash = (await club.members.named('Wren'))?.passphraseHash ?? '';
  const of = (said: typeof first) => said.find(({ name }) => name === 'Wren')!.passphrase;
  expect(await isPassphrase(hash, of(second))).toBe(true);
  expect(await isPassphrase(hash, of(first))).toBe(false);
  await close();
});
