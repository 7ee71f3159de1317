/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { damagedRows } from '../../data/damagedRows';
import { DamagedRows } from './DamagedRows';

const asked: string[] = [];
let answer: Response;
beforeEach(() => {
  asked.splice(0);
  answer = new Response(null, { status: 204, headers: { 'X-Ledger': 'own' } });
  global.fetch = (path, init) => {
    asked.push(`${init?.method ?? 'GET'} ${String(path)}`);
    return Promise.resolve(answer);
  };
  act(() => damagedRows.take('pots', { items: [], damaged: [peat] }));
});

const peat = { id: 'peat', revision: 3, reason: 'hiding is 7; it should be a number from 0 to 1.' };
const press = async (name: string) =>
  act(async () => {
    fireEvent.click(screen.getByRole('button', { name }));
    for (let turn = 0; turn < 20; turn++) await Promise.resolve();
  });

test('names what cannot be read and what is wrong with it', () => {
  render(<DamagedRows />);
  expect(screen.getByText('peat')).toBeTruthy();
  expect(screen.getByText(/hiding is 7; it should be a number from 0 to 1/)).toBeTruthy();
});

test('it is deleted by the second press, from the revision it has', async () => {
  const { container } = render(<DamagedRows />);
  await press('Delete it …');
  expect(asked).toEqual([]);
  await press('Delete this pot for good');
  expect(asked).toEqual(['DELETE /api/pots/peat?revision=3']);
  expect(container.textContent).toBe('');
});

test('what hinders it is said, and it stays', async () => {
  const error = { code: 'in-use', message: 'This pot cannot be deleted: a recipe draws from it.' };
  answer = new Response(JSON.stringify({ error }), {
    status: 409,
    headers: { 'content-type': 'application/json', 'X-Ledger': 'own' },
  });
  render(<DamagedRows />);
  await press('Delete it …');
  await press('Delete this pot for good');
  expect(screen.getByText(/a recipe draws from it/)).toBeTruthy();
  expect(damagedRows.now()).toHaveLength(1);
});

test('a list that has none again takes its own away and leaves those of others', () => {
  act(() => damagedRows.take('recipes', { damaged: [{ id: 'r', revision: 1, reason: 'x' }] }));
  act(() => damagedRows.take('pots', { items: [] }));
  expect(damagedRows.now()).toEqual([{ name: 'recipes', id: 'r', revision: 1, reason: 'x' }]);
  act(() => damagedRows.take('recipes', {}));
  expect(damagedRows.now()).toEqual([]);
});

test.each([
  [
    'versions',
    'reed-cloak 2',
    'Delete this version for good',
    '/api/recipes/reed-cloak/versions/2',
  ],
  ['log', 'one', 'Delete this entry of the log for good', '/api/log/one'],
] as const)('of the %s one is deleted where it is kept', async (name, id, button, path) => {
  act(() => damagedRows.take('pots', {}));
  act(() => damagedRows.take(name, {}, [{ id, revision: 0, reason: 'It is no whole JSON.' }]));
  render(<DamagedRows />);
  await press('Delete it …');
  await press(button);
  expect(asked).toEqual([`DELETE ${path}`]);
  expect(damagedRows.now()).toEqual([]);
});
