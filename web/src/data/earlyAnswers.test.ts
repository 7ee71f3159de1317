/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { ackedWrites } from './outbox/ackedWrites';
import { takeEarlyAnswer } from './earlyAnswers';

const answer = Promise.resolve(new Response('{}'));
const asked = { answer, memberId: undefined, identity: 'ledger', at: 0 };
const early = (part: object = {}) => {
  window.yellowLedgerEarly = new Map([['/api/pots', { ...asked, at: performance.now(), ...part }]]);
};
const take = (memberId?: string, identity: string | null = 'ledger') =>
  takeEarlyAnswer('/api/pots', { memberId, identity });

test('it is taken once, and only where it was asked for', () => {
  early();
  expect(takeEarlyAnswer('/api/recipes', 'anybody')).toBeUndefined();
  expect(take()).toBe(answer);
  expect(take()).toBeUndefined();
  delete window.yellowLedgerEarly;
  expect(take()).toBeUndefined();
});

test('one that is older than ten seconds is not taken', () => {
  early({ at: performance.now() - 10_001 });
  expect(take()).toBeUndefined();
  early({ at: performance.now() - 9000 });
  expect(take()).toBe(answer);
});

test.each([
  ['of another member', { memberId: 'wren' }, 'sedge', 'ledger', false],
  ['of who was out', {}, 'sedge', 'ledger', false],
  ['of the same member', { memberId: 'wren' }, 'wren', 'ledger', true],
  ['of another ledger', { identity: 'other' }, undefined, 'ledger', false],
  ['of a first visit, where no ledger was known', { identity: null }, undefined, 'ledger', true],
])('one %s: %j', (_, part, memberId, identity, isTaken) => {
  early(part);
  expect(take(memberId, identity)).toBe(isTaken ? answer : undefined);
});

test('who asks who sits here takes the answer whoever that was', () => {
  early({ memberId: 'wren', identity: 'other' });
  expect(takeEarlyAnswer('/api/pots', 'anybody')).toBe(answer);
});

test('a page that has written takes none: it would lack what was written', () => {
  early();
  ackedWrites.deleted('pots', 'umber', 1);
  expect(take()).toBeUndefined();
});
