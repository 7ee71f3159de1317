import type { Bench, Palette } from '@yellow-ledger/core';
import { coat, levy as army, pots } from '../../testing/levy';
import { findables, found } from './findable';

const kept = <Content>(content: Content) => ({ content, revision: 1, savedAt: '' });
const turned: string[] = [];
const all = findables({
  commands: [{ name: 'Print this page', also: 'paper', does: () => turned.push('print') }],
  palettes: [kept({ id: 'p', wells: [{ id: 'w', name: 'Well 3' }] } as unknown as Palette)],
  benches: [kept({ id: 'b', name: 'Monday table', isCleared: false } as unknown as Bench)],
  pots: pots.map(kept),
  recipes: [kept(coat), kept({ ...coat, id: 'old', name: 'Old coat', archived: true })],
  armies: [kept(army)],
});
const namesOf = (typed: string) => found(all, typed).map(({ name }) => name);

test('names that begin so come first, then words that do, then what is about it', () => {
  expect(namesOf('shelf')[0]).toBe('Shelf');
  expect(namesOf('backup')).toEqual(
    expect.arrayContaining(['Import, export, backup', 'Save everything']),
  );
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

test('actions are done at once; lines, wells, benches and plans lead to their place', () => {
  found(all, 'print')[0].does?.();
  expect(turned).toEqual(['print']);
  expect(found(all, 'well 3')[0].address).toBe('/palette');
  expect(found(all, 'monday')[0].address).toBe('/bench/b');
  expect(found(all, `plan ${army.name}`)[0].address).toBe(`/armies/${army.id}/plan`);
  const [step] = coat.steps;
  expect(found(all, `${coat.name} line 1`)[0].address).toBe(`/recipes/${coat.id}?open=${step.id}`);
});
