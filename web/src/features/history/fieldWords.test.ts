import { differencesFrom } from '@yellow-ledger/core';
import { levy } from '../../testing/levy';
import { placeWords, toChoose, valueInWords, withCompanions } from './fieldWords';

const [unit] = levy.units;
const words = (then: typeof levy) =>
  toChoose(differencesFrom(levy, then)).map((each) => [
    placeWords(each, levy, then),
    valueInWords('armies', each, each.now, (id) => `recipe ${id}`),
    valueInWords('armies', each, each.then, (id) => `recipe ${id}`),
  ]);

describe('the words of a history', () => {
  test('say which unit and surface, and what it was', () => {
    const [surface, ...rest] = unit.surfaces;
    const then = {
      ...levy,
      name: 'Before',
      units: [{ ...unit, models: 99, surfaces: [{ ...surface, share: 0.25 }, ...rest] }],
    };
    expect(words(then)).toContainEqual(['Name', levy.name, 'Before']);
    expect(words(then)).toContainEqual([`Unit ${unit.name}: Models`, String(unit.models), '99']);
    expect(words(then).map(([where]) => where)).toContain(
      `Unit ${unit.name}, ${surface.name}: Share of the model`,
    );
  });

  test('a unit that is only there now is there, and was not', () => {
    expect(words({ ...levy, units: levy.units.slice(1) })).toContainEqual([
      `Unit ${unit.name}`,
      'there',
      'not there',
    ]);
  });

  test('recipes are called by name', () => {
    const pin = { recipeId: 'r', version: 2 };
    const then = { ...levy, scheme: [{ surface: 'gem' as const, recipe: pin }] };
    expect(words(then)[0][2]).toBe('gem: recipe r, version 2');
  });

  test('a pot is as full as when it was measured: both go back together', () => {
    const now = { id: 'p', volumeMl: 3, measuredAt: '2026-12-02T18:00:00.000Z' };
    const then = { id: 'p', volumeMl: 17 };
    expect(toChoose(differencesFrom(now, then)).map(({ key }) => key)).toEqual(['volumeMl']);
    expect([...withCompanions(new Set(['volumeMl']))]).toEqual(['volumeMl', 'measuredAt']);
    expect([...withCompanions(new Set(['notes']))]).toEqual(['notes']);
  });
});
