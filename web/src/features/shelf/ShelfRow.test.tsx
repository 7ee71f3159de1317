/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, render, screen } from '@testing-library/react';
import type { Kept, Pot } from '@yellow-ledger/core';
import { pots } from '../../testing/levy';
import { ShelfRow } from './ShelfRow';

const drawn: string[] = [];
jest.mock('./RetireButton', () => ({
  RetireButton: ({ pot }: { pot: Pot }) => {
    drawn.push(pot.name);
    return null;
  },
}));

const kept = (content: Pot): Kept<Pot> => ({ content, revision: 1, savedAt: '' });
const opened: string[] = [];
const onOpen = (id: string) => void opened.push(id);

const table = (rows: readonly Kept<Pot>[]) => (
  <table>
    <tbody>
      {rows.map((row) => (
        <ShelfRow key={row.content.id} kept={row} stripe={undefined} onOpen={onOpen} />
      ))}
    </tbody>
  </table>
);

beforeEach(() => {
  drawn.splice(0);
  opened.splice(0);
});

test('only the pot that changed is drawn anew', () => {
  const [first, second] = pots.map(kept);
  // Strict mode would draw everything twice.
  const { rerender } = render(table([first, second]), { reactStrictMode: false });
  expect(drawn).toEqual([first.content.name, second.content.name]);
  const changed = kept({ ...second.content, notes: 'for the boots' });
  rerender(table([first, changed]));
  expect(drawn).toEqual([first.content.name, second.content.name, second.content.name]);
  expect(screen.getByText('for the boots')).toBeDefined();
});

test('a press on its name, or anywhere beside it, opens it once', () => {
  const [first] = pots.map(kept);
  render(table([first]));
  fireEvent.click(screen.getByRole('button', { name: first.content.name }));
  fireEvent.click(screen.getByText(first.content.finish));
  expect(opened).toEqual([first.content.id, first.content.id]);
});

test('what is nearly empty is said in words', () => {
  const pot = { ...pots[0], kind: 'paint' as const };
  render(table([kept({ ...pot, volumeMl: 0 }), kept({ ...pot, id: 'other', volumeMl: 17 })]));
  expect(screen.getByText('empty')).toBeDefined();
  expect(screen.getByText('17')).toBeDefined();
});
