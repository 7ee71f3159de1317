import type { Ledger } from '../../db/ledger';
import { ownerStore, type OwnerStore } from './ownerStore';
import { testClub } from '../testClub';

let clubServer: Awaited<ReturnType<typeof testClub>>;
let ledger: Ledger;
let owners: OwnerStore;
let wren: string;
let barnaby: string;

beforeEach(async () => {
  clubServer = await testClub();
  ledger = clubServer.ledger;
  owners = ownerStore(ledger.db);
  [wren, barnaby] = [
    (await clubServer.member('Wren', 'painter')).id,
    (await clubServer.member('Barnaby', 'painter')).id,
  ];
});
afterEach(() => clubServer.close());

test('sharing is told by each way of asking, and so is taking it back', async () => {
  for (const isShared of [true, false]) {
    const owner = { memberId: wren, isShared };
    await owners.set('pots', 'p', owner);
    expect((await owners.of('pots', 'p')).owner).toEqual(owner);
    expect(await owners.list('pots')).toEqual([{ kind: 'pots', id: 'p', ...owner }]);
    expect(await owners.list(null)).toEqual([{ kind: 'pots', id: 'p', ...owner }]);
    // Of another kind the same identifier is another thing.
    expect(await owners.list('recipes')).toEqual([]);
    expect((await owners.of('recipes', 'p')).owner).toBeNull();
  }
  await owners.set('pots', 'p', null);
  expect((await owners.of('pots', 'p')).owner).toBeNull();
});

test('what is opened to some is told to its owner, and to whoever may change it', async () => {
  const owner = { memberId: wren, isShared: false };
  await owners.set('pots', 'p', { ...owner, openTo: [{ memberId: barnaby, mayWrite: true }] });
  await owners.set('pots', 'q', { ...owner, openTo: [{ memberId: barnaby, mayWrite: false }] });
  expect([...(await owners.openedBy(wren)).keys()].sort()).toEqual(['pots p', 'pots q']);
  expect(await owners.openedToChange(barnaby)).toEqual(new Set(['pots p']));
  // Said anew, it is open to nobody who is not named again.
  await owners.set('pots', 'p', owner);
  expect(await owners.openedToChange(barnaby)).toEqual(new Set());
});
