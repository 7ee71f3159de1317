import type { Army, Recipe } from '@yellow-ledger/core';
import { addDemo } from '../../demo/addDemo';
import { ClubClock } from '../clubClock';
import { testClub, type TestMember } from '../testClub';

let time: number;
let club: Awaited<ReturnType<typeof testClub>>;
let wren: TestMember;
let odo: TestMember;
let recipe: Recipe;

beforeEach(async () => {
  time = Date.parse('2026-12-01T18:00:00.000Z');
  club = await testClub(undefined, new ClubClock(0, () => time));
  await addDemo(club.ledger);
  wren = await club.member('Wren', 'painter');
  odo = await club.member('Odo', 'painter');
  recipe = { ...(await club.ledger.records.recipes.list())[0].content, id: 'shared-one' };
  await put('recipes', recipe, wren);
  await club
    .ask('put', '/api/club/owners/recipes/shared-one', wren)
    .send({ is: 'shared' })
    .expect(200);
  // Joined long ago: the passphrase was not given lately.
  time += 60 * 60_000;
});
afterEach(() => club.close());

const put = (kind: string, content: { id: string }, who: TestMember) =>
  club.ask('put', `/api/${kind}/${content.id}`, who).send({ content, revision: 0 }).expect(200);
/** A recipe that goes onto the shared one. */
const on = (id: string): Recipe => ({
  ...recipe,
  id,
  ground: { recipeId: 'shared-one', version: null },
});
const remove = (who: TestMember, id = 'shared-one', kind = 'recipes') =>
  club.ask('delete', `/api/${kind}/${id}?revision=1`, who);
const confirm = async (who: TestMember) => {
  for (const device of await club.club.sessions.list(who.id))
    await club.club.sessions.confirm(device.id);
};

test('what only I use is deleted at one press', async () => {
  await put('recipes', on('mine-too'), wren);
  await remove(wren).expect(204);
});

test('what a recipe of another names asks for the passphrase first', async () => {
  await put('recipes', on('others'), odo);
  const refused = await remove(wren).expect(403);
  expect((refused.body as { error: { code: string } }).error.code).toBe('confirm');
  expect((await club.ledger.records.recipes.get('shared-one'))?.revision).toBe(1);
  await confirm(wren);
  await remove(wren).expect(204);
});

test('what an army of the club is painted by asks too, and a pot nobody draws from does not', async () => {
  const army = (await club.ledger.records.armies.list())[0];
  const painted: Army = {
    ...army.content,
    units: army.content.units.map((unit) => ({
      ...unit,
      parts: unit.parts.map((part) => ({
        ...part,
        recipe: { recipeId: 'shared-one', version: null },
      })),
    })),
  };
  await club.ledger.records.armies.put(painted, army.revision);
  await remove(wren).expect(403);
  const [pot] = await club.ledger.records.pots.list();
  await put('pots', { ...pot.content, id: 'lone' }, wren);
  await remove(wren, 'lone', 'pots').expect(204);
});
