import { testClub } from '../club/testClub';
import { isHiddenFrom, ownedAmong, hiddenFrom } from './hiddenFrom';
import { standingOf } from './standing';

test('every way of asking says the same: in a query, of what was read, and how it stands', async () => {
  const club = await testClub();
  const { db } = club;
  const [wren, barnaby, odo] = [
    (await club.member('Wren', 'painter')).id,
    (await club.member('Barnaby', 'painter')).id,
    (await club.member('Odo', 'guest')).id,
  ];
  const owner = { memberId: wren, isShared: false };
  await club.club.owners.set('pots', 'private', owner);
  await club.club.owners.set('pots', 'shared', { ...owner, isShared: true });
  for (const mayWrite of [false, true])
    await club.club.owners.set('pots', mayWrite ? 'joint' : 'opened', {
      ...owner,
      openTo: [{ memberId: barnaby, mayWrite }],
    });
  for (const id of ['lent', 'back']) await club.club.owners.set('pots', id, owner);
  await club.club.loans.lend('lent', barnaby);
  const came = await club.club.loans.lend('back', barnaby);
  await club.club.loans.giveBack(came!.id);
  // Of another kind the same identifier is another thing.
  await club.club.owners.set('recipes', 'lent', owner);

  const ids = ['private', 'shared', 'joint', 'opened', 'lent', 'back', 'nobodys'];
  const open = await ownedAmong('pots', ids, db);
  const seen: Record<string, string[]> = {};
  for (const memberId of [wren, barnaby, odo]) {
    const [condition, bindings] = hiddenFrom(memberId);
    const hidden = new Set(
      await db('owners')
        .where({ kind: 'pots' })
        .whereRaw(condition, bindings)
        .pluck<string[]>('id'),
    );
    const standing = await standingOf('pots', ids, memberId, db);
    for (const id of ids) {
      expect([id, isHiddenFrom(memberId, open.get(id))]).toEqual([id, hidden.has(id)]);
      expect([id, standing.get(id)!.relation === 'other']).toEqual([id, hidden.has(id)]);
    }
    seen[memberId] = ids.filter((id) => !hidden.has(id));
  }
  expect(seen[wren]).toEqual(ids);
  expect(seen[barnaby]).toEqual(['shared', 'joint', 'opened', 'lent', 'nobodys']);
  expect(seen[odo]).toEqual(['shared', 'nobodys']);
  await club.close();
});
