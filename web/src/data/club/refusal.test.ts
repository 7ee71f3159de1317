/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import type { LogEntry, Role } from '@yellow-ledger/core';
import { coat, levy } from '../../testing/levy';
import { createStore } from '../store';
import { ledgerApi } from '../ledgerApi';
import { clubApi, type Owned } from './clubApi';
import type { Membership } from './membership';
import { refusalToLog, refusalToWrite } from './refusal';

const as = (role: Role): Membership => ({
  is: 'in',
  me: {
    member: { id: 'me', name: 'Me', role, joinedAt: '2026-11-27T18:00:00.000Z' },
    deviceId: 'd',
    isShared: false,
    endsAt: '2999-01-01T00:00:00.000Z',
    notices: [],
  },
});
const kept = (content: { id: string }) => ({
  content,
  revision: 1,
  savedAt: '2026-11-27T18:00:00.000Z',
});

/** A ledger in hand with a recipe and an army, and whose they are. */
async function stateWith(owners: Owned[]) {
  const store = createStore();
  const put = (made: unknown) => store.dispatch(made as never);
  await put(ledgerApi.util.upsertQueryData('records', 'recipes', [kept(coat)] as never));
  await put(ledgerApi.util.upsertQueryData('records', 'armies', [kept(levy)] as never));
  await put(clubApi.util.upsertQueryData('owners', undefined, owners));
  return store.getState();
}
const owned = (kind: Owned['kind'], id: string, memberId: string, isShared = false): Owned => ({
  kind,
  id,
  memberId,
  isShared,
});
const entry: LogEntry = {
  kind: 'strike',
  id: 'e',
  benchId: levy.id,
  at: '2026-11-27T18:00:00.000Z',
  order: 0,
  of: 'x',
};

test('a ledger alone refuses nothing', async () => {
  const state = await stateWith([]);
  expect(refusalToWrite(state, { is: 'alone' }, 'recipes', coat.id, coat)).toBeNull();
  expect(refusalToLog(state, { is: 'alone' }, [entry])).toBeNull();
});

test('a club recipe is changed by managers; a painter is told the way there is', async () => {
  const state = await stateWith([]);
  expect(refusalToWrite(state, as('keeper'), 'recipes', coat.id, coat)).toBeNull();
  expect(refusalToWrite(state, as('painter'), 'recipes', coat.id, coat)).toMatch(
    /the club’s: copy it as a variant of your own, and propose/,
  );
});

test('what is mine I change, what another shows me I do not', async () => {
  const mine = await stateWith([owned('recipes', coat.id, 'me')]);
  const shown = await stateWith([owned('recipes', coat.id, 'wren', true)]);
  for (const role of ['keeper', 'painter'] as const) {
    expect(refusalToWrite(mine, as(role), 'recipes', coat.id, null)).toBeNull();
    expect(refusalToWrite(shown, as(role), 'recipes', coat.id, coat)).toMatch(/another member’s/);
  }
});

test('guests look', async () => {
  const state = await stateWith([]);
  expect(refusalToWrite(state, as('guest'), 'recipes', 'new', { ...coat, id: 'new' })).toMatch(
    /Guests look/,
  );
  expect(refusalToLog(state, as('guest'), [entry])).toMatch(/Guests look/);
});

test('the table of another is written on by them alone', async () => {
  const shown = await stateWith([owned('armies', levy.id, 'wren', true)]);
  expect(refusalToLog(shown, as('keeper'), [entry])).toMatch(/another member’s table/);
  expect(refusalToLog(await stateWith([]), as('painter'), [entry])).toBeNull();
});
