import { coat, levy as army, pots } from '../../testing/levy';
import { findables, found } from './findable';

const kept = <Content>(content: Content) => ({ content, revision: 1, savedAt: '' });
const all = findables({
  pots: pots.map(kept),
  recipes: [kept(coat), kept({ ...coat, id: 'old', name: 'Old coat', archived: true })],
  armies: [kept(army)],
});
const namesOf = (typed: string) => found(all, typed).map(({ name }) => name);

test('names that begin so come first, then words that do, then what is about it', () => {
  expect(namesOf('shelf')[0]).toBe('Shelf');
  expect(namesOf('backup')).toEqual(expect.arrayContaining(['In and out', 'Save everything']));
  expect(namesOf(coat.name.slice(0, 3).toLowerCase())[0].toLowerCase()).toContain(
    coat.name.slice(0, 3).toLowerCase(),
  );
});

test('every word that is typed has to be found', () => {
  expect(namesOf('write recipe')).toContain('Write a new recipe');
  expect(namesOf('write zebra')).toEqual([]);
});

test('units are found by their name and by that of their army, and lead to their place', () => {
  const [unit] = army.units;
  const hit = found(all, unit.name).find(({ kind }) => kind === 'unit');
  expect(hit?.address).toBe(`/armies/${army.id}?open=${unit.id}`);
});

test('what is archived is not found, and nothing typed shows the screens', () => {
  expect(namesOf('old coat')).toEqual([]);
  expect(new Set(found(all, ' ').map(({ kind }) => kind))).toEqual(new Set(['screen']));
});

test('no two things have one key', () => {
  expect(new Set(all.map(({ key }) => key)).size).toBe(all.length);
});
