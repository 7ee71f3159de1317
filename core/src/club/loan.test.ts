import { whoHas, type Loan } from './loan';
import type { Pot } from '../written/pot/pot';

const pot = (id: string, name: string, over: Partial<Pot> = {}) =>
  ({ id, name, kind: 'paint', ...over }) as Pot;
const pots = [
  pot('mine', 'Marigold Clay'),
  pot('wren', ' marigold clay'),
  pot('club', 'Marigold Clay'),
  pot('ink', 'Marigold Clay', { kind: 'ink' }),
  pot('old', 'Marigold Clay', { retired: true }),
  pot('else', 'Fen Umber'),
];
const owners: Record<string, string> = { mine: 'm', wren: 'w' };
const ownerOf = (id: string) => owners[id] ?? null;
const lent = (potId: string, toId: string, backAt: string | null = null): Loan => ({
  id: `${potId} to ${toId}`,
  potId,
  toId,
  lentAt: '2026-11-01T18:00:00.000Z',
  backAt,
});

test('every bottle of the same paint counts, whosever it is; other kinds and retired ones do not', () => {
  expect(whoHas(pots[2], pots, ownerOf, [])).toEqual([
    { potId: 'club', ownerId: null, lentToId: null },
    { potId: 'mine', ownerId: 'm', lentToId: null },
    { potId: 'wren', ownerId: 'w', lentToId: null },
  ]);
});

test('what is lent is with whom it is lent to, until it is given back', () => {
  const holders = (loans: Loan[]) => whoHas(pots[0], pots, ownerOf, loans)[0].lentToId;
  expect(holders([lent('mine', 's')])).toBe('s');
  expect(holders([lent('mine', 's', '2026-11-08T18:00:00.000Z')])).toBeNull();
  expect(holders([lent('mine', 's', '2026-11-08T18:00:00.000Z'), lent('mine', 'w')])).toBe('w');
});
