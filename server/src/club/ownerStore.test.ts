import type { Ledger } from '../db/ledger';
import { ownerStore, relationOf, type OwnerStore } from './ownerStore';
import { testClub } from './testClub';

let house: Awaited<ReturnType<typeof testClub>>;
let ledger: Ledger;
let owners: OwnerStore;
let wren: string;
let barnaby: string;

beforeEach(async () => {
  house = await testClub();
  ledger = house.ledger;
  owners = ownerStore(ledger.db);
  [wren, barnaby] = [
    (await house.member('Wren', 'painter')).id,
    (await house.member('Barnaby', 'painter')).id,
  ];
});
afterEach(() => house.close());

test.each([
  [null, 'club'],
  [undefined, 'club'],
  [{ memberId: 'me', isShared: false }, 'mine'],
  [{ memberId: 'me', isShared: true }, 'mine'],
  [{ memberId: 'you', isShared: true }, 'shared'],
  [{ memberId: 'you', isShared: false }, 'other'],
] as const)('what %j owns is %s to me', (owner, relation) => {
  expect(relationOf(owner, 'me')).toBe(relation);
});

test('what is claimed is not shared, and stays whose it was first', async () => {
  expect(await owners.claim('pots', 'p', wren)).toEqual({ memberId: wren, isShared: false });
  expect(await owners.claim('pots', 'p', barnaby)).toEqual({ memberId: wren, isShared: false });
  expect(await owners.of('pots', 'p')).toEqual({
    isThere: false,
    owner: { memberId: wren, isShared: false },
  });
});

test('sharing is told by each way of asking, and so is taking it back', async () => {
  for (const isShared of [true, false]) {
    const owner = { memberId: wren, isShared };
    await owners.set('pots', 'p', owner);
    expect((await owners.of('pots', 'p')).owner).toEqual(owner);
    expect(await owners.among('pots', ['p', 'q'])).toEqual(new Map([['p', owner]]));
    expect(await owners.list('pots')).toEqual([{ kind: 'pots', id: 'p', ...owner }]);
    expect(await owners.list(null)).toEqual([{ kind: 'pots', id: 'p', ...owner }]);
    // Of another kind the same identifier is another thing.
    expect(await owners.list('recipes')).toEqual([]);
    expect((await owners.of('recipes', 'p')).owner).toBeNull();
  }
  await owners.set('pots', 'p', null);
  expect((await owners.of('pots', 'p')).owner).toBeNull();
});
