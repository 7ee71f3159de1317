import {
  referencesOf,
  roleNames,
  type AnyRecord,
  type Army,
  type LogEntry,
  type Recipe,
  type Role,
} from '@yellow-ledger/core';
import { samplePots } from '../../demo/samplePots';
import { addDemo } from '../../demo/addDemo';
import { anyCoat } from '../../open/anyWorld';
import { testClub, type TestMember } from '../testClub';

let clubServer: Awaited<ReturnType<typeof testClub>>;
let keeper: TestMember;
let painter: TestMember;
let other: TestMember;
let guest: TestMember;
let recipe: Recipe;
let army: Army;

beforeEach(async () => {
  clubServer = await testClub();
  await addDemo(clubServer.ledger);
  keeper = await clubServer.member('Ottoline', 'keeper');
  painter = await clubServer.member('Barnaby', 'painter');
  other = await clubServer.member('Wren', 'painter');
  guest = await clubServer.member('Marsh', 'guest');
  recipe = (await clubServer.ledger.records.recipes.list())[0].content;
  army = (await clubServer.ledger.records.armies.list())[0].content;
});
afterEach(() => clubServer.close());

const put = (kind: string, content: AnyRecord, who: TestMember, revision = 0) =>
  clubServer.ask('put', `/api/${kind}/${content.id}`, who).send({ content, revision });
const whose = (kind: string, id: string, who: TestMember, is: string) =>
  clubServer.ask('put', `/api/club/owners/${kind}/${id}`, who).send({ is });
const entry = (id: string, benchId: string, by?: string): LogEntry => ({
  kind: 'strike',
  id,
  benchId,
  at: '2026-11-27T18:00:00.000Z',
  order: 0,
  of: 'nothing',
  ...(by && { by }),
});
const log = (entries: LogEntry[], who: TestMember) =>
  clubServer.ask('post', '/api/log', who).send({ entries });
const logSeen = async (who: TestMember) =>
  (
    (await clubServer.ask('get', '/api/log', who)).body as { items: { entry: LogEntry }[] }
  ).items.map(({ entry: { id } }) => id);
const listed = async (kind: string, who: TestMember) =>
  (
    (await clubServer.ask('get', `/api/${kind}`, who)).body as {
      items: { content: { id: string } }[];
    }
  ).items.map(({ content }) => content.id);

describe('what is mine', () => {
  const mine = () => ({ ...recipe, id: 'mine', name: 'Mine' });

  test('is seen by nobody else until it is shared, and then changed by nobody else', async () => {
    await put('recipes', mine(), painter).expect(200);
    for (const who of [keeper, other, guest])
      expect(await listed('recipes', who)).not.toContain('mine');
    await whose('recipes', 'mine', other, 'mine').expect(404);
    await whose('recipes', 'mine', painter, 'shared').expect(200);
    for (const who of [keeper, other, guest])
      expect(await listed('recipes', who)).toContain('mine');
    await put('recipes', mine(), other, 1).expect(403);
    await whose('recipes', 'mine', keeper, 'mine').expect(403);
    await whose('recipes', 'mine', painter, 'mine').expect(200);
    expect(await listed('recipes', keeper)).not.toContain('mine');
  });

  test('a name another has for something of theirs is not taken over, deleted or not', async () => {
    await put('recipes', mine(), painter).expect(200);
    await put('recipes', { ...mine(), name: 'Taken' }, other).expect(404);
    await clubServer.ask('delete', '/api/recipes/mine?revision=1', painter).expect(204);
    await put('recipes', { ...mine(), name: 'Taken' }, other).expect(404);
    await put('recipes', mine(), painter).expect(200);
  });

  test('of a private pot that a shared recipe draws from others get its colour under another name, and no more', async () => {
    const pot = {
      ...samplePots[0],
      id: 'own-pot',
      name: 'Own pot',
      notes: 'a secret',
      volumeMl: 7,
    };
    await put('pots', pot, painter).expect(200);
    expect(await listed('pots', other)).not.toContain('own-pot');
    const drawing = JSON.parse(
      JSON.stringify(mine()).replaceAll(samplePots[0].id, 'own-pot'),
    ) as Recipe;
    expect(JSON.stringify(drawing)).toContain('own-pot');
    await put('recipes', drawing, painter).expect(200);
    expect(await listed('pots', other)).not.toContain('own-pot');
    await whose('recipes', 'mine', painter, 'shared').expect(200);
    expect(await listed('pots', painter)).toContain('own-pot');

    const { body } = await clubServer.ask('get', '/api/recipes/mine', other).expect(200);
    const shown = (body as { content: Recipe }).content;
    const [stands] = referencesOf('recipes', shown).filter(({ id }) => id.startsWith('private-'));
    expect(JSON.stringify(shown)).not.toContain('own-pot');
    const kept = (await clubServer.ask('get', `/api/pots/${stands.id}`, other).expect(200)).body;
    expect(kept.content).toMatchObject({ swatch: pot.swatch, hiding: pot.hiding, volumeMl: null });
    expect(JSON.stringify(kept)).not.toMatch(/Own pot|a secret|own-pot/);
    expect(await listed('pots', other)).toContain(stands.id);

    // It is nobody else’s to write, under neither name.
    await put('pots', pot, other, 1).expect(404);
    await put('pots', { ...pot, id: stands.id }, other).expect(404);
    await clubServer
      .ask('post', '/api/pot-batches', other)
      .send({ writes: [{ content: pot, revision: 1 }] })
      .expect(404);
    // Nor is anything mixed from it but as it is shown: lines may be copied.
    const stolen = { ...drawing, id: 'stolen', name: 'Stolen' };
    await put('recipes', stolen, other).expect(400);
    const variant = {
      ...shown,
      id: 'variant',
      parent: { recipeId: 'mine', name: 'Mine', version: 1 },
    };
    await put('recipes', variant, other).expect(200);
    const again = (await clubServer.ask('get', '/api/recipes/variant', other).expect(200)).body;
    expect((again as { content: Recipe }).content).toEqual(variant);
  });

  test('a recipe of the club is not a painter’s to change, by whichever way', async () => {
    await put('recipes', recipe, painter, 1).expect(403);
    await clubServer
      .ask('post', '/api/replacements', painter)
      .send({ note: 'other', recipes: [{ content: recipe, revision: 1 }] })
      .expect(403);
    await clubServer
      .ask('put', `/api/recipes/${recipe.id}/versions/1`, painter)
      .send({ note: '', revision: 1 })
      .expect(403);
    await whose('recipes', recipe.id, painter, 'mine').expect(403);
    await put('recipes', mine(), painter).expect(200);
    // It becomes the club’s by a proposal.
    await whose('recipes', 'mine', painter, 'club').expect(403);
  });

  test('an army that is shown is shown with the recipes of its owner it is painted by, and what those stand on', async () => {
    await put('recipes', { ...recipe, id: 'below', name: 'Below' }, painter).expect(200);
    const onto = { ...mine(), ground: { recipeId: 'below', version: null } };
    await put('recipes', onto, painter).expect(200);
    const own: Army = {
      ...army,
      id: 'of-barnaby',
      scheme: [{ surface: 'cloth', recipe: { recipeId: 'mine', version: null } }],
    };
    await put('armies', own, painter).expect(200);
    const { body } = await whose('armies', own.id, painter, 'shared').expect(200);
    expect((body as { along: string[] }).along.sort()).toEqual(['below', 'mine']);
    expect(await listed('recipes', other)).toEqual(expect.arrayContaining(['mine', 'below']));
  });

  test('versions of a recipe are seen by who sees the recipe', async () => {
    await put('recipes', mine(), painter).expect(200);
    const at = '/api/recipes/mine/versions';
    await clubServer
      .ask('put', `${at}/1`, painter)
      .send({ note: 'first', revision: 1 })
      .expect(200);
    await clubServer.ask('get', at, other).expect(404);
    const seenBy = async (who: TestMember) =>
      JSON.stringify((await clubServer.ask('get', '/api/versions', who)).body).includes('"mine"');
    expect([await seenBy(painter), await seenBy(other)]).toEqual([true, false]);
    await clubServer.ask('get', '/api/files/recipes/mine', other).expect(404);
  });
});

describe('the log', () => {
  beforeEach(async () => {
    const [example] = await clubServer.ledger.records.benches.list();
    const loose = { ...example.content, id: 'own' };
    const { loose: _loose, ...joint } = { ...loose, id: 'joint', armyId: army.id, models: [] };
    await put('benches', loose, painter).expect(200);
    await put('benches', joint, painter).expect(200);
  });

  test('of a bench of one’s own is one’s own until that is shared; of the club’s army it is the club’s', async () => {
    await log([entry('e1', 'own'), entry('e2', 'joint')], painter).expect(200);
    expect(await logSeen(painter)).toEqual(expect.arrayContaining(['e1', 'e2']));
    for (const who of [keeper, other, guest]) {
      const seen = await logSeen(who);
      expect([seen.includes('e1'), seen.includes('e2')]).toEqual([false, true]);
    }
    await whose('benches', 'own', painter, 'shared').expect(200);
    expect(await logSeen(guest)).toContain('e1');
    // A member who shows what they paint is not painted for.
    await log([entry('e3', 'own')], other).expect(403);
  });

  test('is written by painters, on benches that are theirs or the club’s', async () => {
    const allowed: Record<Role, number> = { keeper: 200, painter: 200, guest: 403 };
    const members = { keeper, painter: other, guest };
    for (const role of roleNames)
      await log([entry(`by-${role}`, 'joint')], members[role]).expect(allowed[role]);
    await log([entry('on-own', 'own')], other).expect(403);
  });

  test('what another has noted is struck out by a manager, or by who painted it', async () => {
    const tick = (id: string, by?: string) => ({ ...entry(id, 'joint', by), of: 'e0' });
    await log([tick('e1'), tick('e2', 'Wren')], painter).expect(200);
    const strike = (id: string, of: string) => ({ ...entry(id, 'joint'), of });
    await log([strike('s1', 'e1')], other).expect(403);
    // Pressed on somebody’s tablet, it is still who painted.
    await log([strike('s2', 'e2')], other).expect(200);
    await log([strike('s3', 'e1')], keeper).expect(200);
  });
});

describe('files', () => {
  const idsIn = (text: string) => JSON.stringify(JSON.parse(text));
  const fileOf = async (path: string, who: TestMember) =>
    idsIn((await clubServer.ask('get', `/api/files/${path}`, who).expect(200)).text);

  test('of everything holds what its asker sees; mine what is mine, with the pots it draws from', async () => {
    await put('recipes', { ...recipe, id: 'of-barnaby' }, painter).expect(200);
    await put('recipes', { ...recipe, id: 'of-wren' }, other).expect(200);
    const [whole, mine] = [await fileOf('everything', keeper), await fileOf('mine', painter)];
    expect(whole).toContain(`"${recipe.id}"`);
    expect(whole).not.toContain('of-barnaby');
    expect(mine).toContain('of-barnaby');
    expect(mine).not.toContain('of-wren');
    expect(mine).not.toContain(`"id":"${recipe.id}"`);
    expect(mine).toContain(samplePots[0].id);
    await clubServer.ask('get', '/api/files/everything', painter).expect(403);
    await clubServer.ask('get', '/api/files/mine', null).expect(401);
  });

  test('what a member brings in a file is theirs; what it claims of others stays as it is', async () => {
    await put('recipes', { ...recipe, id: 'of-wren', name: 'Wren’s' }, other).expect(200);
    const own = JSON.parse(
      (await clubServer.ask('get', '/api/files/everything', keeper).expect(200)).text,
    ) as { recipes: Recipe[] };
    own.recipes = [
      { ...recipe, id: 'brought', name: 'Brought' },
      { ...recipe, id: 'of-wren', name: 'Claimed' },
    ];
    await clubServer
      .ask('post', '/api/files', painter)
      .set('Content-Type', 'application/json')
      .send(JSON.stringify(own))
      .expect(200);
    expect(await listed('recipes', painter)).toContain('brought');
    expect(await listed('recipes', other)).not.toContain('brought');
    expect(await listed('recipes', painter)).not.toContain('of-wren');
    const { body } = await clubServer.ask('get', '/api/recipes/of-wren', other).expect(200);
    expect((body as { content: Recipe }).content.name).toBe('Wren’s');
  });

  test('what bears the identifier of another’s own comes in under a new one, and nothing is told of that', async () => {
    const pot = { ...samplePots[0], id: 'own-pot', name: 'Own pot', volumeMl: 7 };
    await put('pots', pot, painter).expect(200);
    const brought = { ...samplePots[1], id: 'own-pot', name: 'Brought' };
    const drawing = { ...recipe, id: 'brought', name: 'Brought recipe', groundPotId: 'own-pot' };
    const own = JSON.parse(
      (await clubServer.ask('get', '/api/files/recipes', keeper).expect(200)).text,
    ) as { pots: object[]; recipes: Recipe[] };
    const bench = (await clubServer.ledger.records.benches.list())[0].content.id;
    const log = [
      anyCoat(
        'brought-coat',
        bench,
        () => 'own-pot',
        () => 1,
      ),
    ];
    const file = { ...own, pots: [...own.pots, brought], recipes: [drawing], log };
    const { body } = await clubServer
      .ask('post', '/api/files', other)
      .set('Content-Type', 'application/json')
      .send(JSON.stringify(file))
      .expect(200);
    expect(JSON.stringify(body)).not.toContain('Own pot');
    expect((body as { potsAdded: number }).potsAdded).toBe(1);

    const theirs = (await clubServer.ask('get', '/api/recipes/brought', other).expect(200)).body;
    const { groundPotId } = (theirs as { content: Recipe }).content;
    const mixed = (await clubServer.ask('get', `/api/pots/${groundPotId}`, other).expect(200)).body;
    expect((mixed as { content: { name: string } }).content.name).toBe('Brought');
    const untouched = (await clubServer.ask('get', '/api/pots/own-pot', painter).expect(200)).body;
    expect(untouched).toMatchObject({ content: pot, revision: 1 });
    expect(untouched).not.toHaveProperty('usedMl');
  });

  test('a backup holds what members keep to themselves: nobody takes it along', async () => {
    const { body } = await clubServer.ask('post', '/api/backups', keeper).expect(201);
    await clubServer
      .ask('get', `/api/backups/${(body as { name: string }).name}`, keeper)
      .expect(403);
  });
});
