import { benchSchema, type Army, type Batch } from '@yellow-ledger/core';
import { coat, levy } from '../../testing/levy';
import { benchOfArmy, benchOfPlan, benchOfRecipe } from '../../kit/paint/benchRecord';
import { leftWords } from '../../kit/words/leftWords';
import { benchWordsOf, namedPlaces } from './benchWords';
import { modelsWords } from '../../kit/words/modelsWords';

const [unit] = levy.units;
const plan: Batch = {
  id: 'plan',
  name: 'Two evenings',
  models: [{ unitId: unit.id, from: 1, to: 6 }],
  painters: [
    { id: 'wil', name: 'Wil', speed: 1, claims: [{ unitId: unit.id, from: 1, to: 2 }] },
    { id: 'hesper', name: 'Hesper', speed: 1, claims: [] },
  ],
  sessions: [],
  room: 'cold and damp',
  keeping: 'covered',
  hairDryer: true,
};

describe('a bench is laid', () => {
  test('with models of an army, called by their units', () => {
    const bench = benchSchema.parse(benchOfArmy(levy, [{ unitId: unit.id, from: 2, to: 4 }]));
    expect(bench).toMatchObject({ name: unit.name, armyId: levy.id, isCleared: false });
    expect(benchOfArmy(levy, []).name).toBe(levy.name);
  });

  test('with what a plan takes, in its room; or with what one of its painters claims', () => {
    expect(benchSchema.parse(benchOfPlan(levy, plan))).toMatchObject({
      models: plan.models,
      room: 'cold and damp',
      keeping: 'covered',
      hairDryer: true,
    });
    const own = benchSchema.parse(benchOfPlan(levy, plan, 'wil'));
    expect(own).toMatchObject({ name: 'Two evenings, Wil', models: plan.painters[0].claims });
    expect(benchOfPlan(levy, plan, 'nobody').models).toEqual(plan.models);
  });

  test('with a recipe at its version, on models of its own', () => {
    const bench = benchSchema.parse(benchOfRecipe(coat, 3, 5));
    expect(bench.armyId).toBeUndefined();
    expect(bench.loose?.unit).toMatchObject({ models: 5, areaCm2: coat.areaCm2 });
    expect(bench.loose?.unit.surfaces[0].recipe).toEqual({ recipeId: 'coat', version: 3 });
  });

  test('under a name no longer than a line, however many units there are', () => {
    const units = Array.from({ length: 30 }, (_, i) => ({ ...unit, id: `u${i}` }));
    const army: Army = { ...levy, units };
    const all = units.map(({ id }) => ({ unitId: id, from: 1, to: 1 }));
    expect(benchSchema.parse(benchOfArmy(army, all)).name.length).toBeLessThanOrEqual(120);
  });
});

describe('words at the bench', () => {
  test('models that follow each other are a stretch, in whatever order they come', () => {
    expect(modelsWords([7, 2, 1, 3])).toBe('1–3, 7');
    expect(modelsWords([4])).toBe('4');
    expect(modelsWords([])).toBe('');
  });

  test('time left is read in passing', () => {
    expect([754_000, 59_001, 0, 3_600_000].map(leftWords)).toEqual([
      '12:34',
      '1:00',
      '0:00',
      '1 h 0 min',
    ]);
  });

  test('the named places meet and cover the whole axis', () => {
    expect(namedPlaces[0].from).toBe(0);
    expect(namedPlaces[namedPlaces.length - 1].to).toBe(1);
    namedPlaces.slice(1).forEach(({ from }, i) => expect(from).toBe(namedPlaces[i].to));
  });

  test('what is gone is said to be', () => {
    const words = benchWordsOf(levy);
    expect(words.unit(unit.id)).toBe(unit.name);
    expect(words.unit('nobody')).toBe('a unit that is gone');
    expect(words.surface(unit.id, unit.surfaces[0].id)).toBe(unit.surfaces[0].name);
    expect(words.surface(unit.id, 'nothing')).toBe('a surface that is gone');
  });
});
