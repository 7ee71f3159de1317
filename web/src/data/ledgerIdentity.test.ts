/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { ask, isAway } from './ask';
import { identityHead, ledgerIdentity, LedgerIdentity } from './ledgerIdentity';

function open(kept = new Map<string, string>()) {
  let reopened = 0;
  const store = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
  };
  const identity = new LedgerIdentity(store, () => reopened++);
  return { identity, kept, reopened: () => reopened };
}

test('the first ledger that answers is this page’s own, and is known on the next visit', () => {
  const { identity, kept, reopened } = open();
  expect(identity.now).toBeNull();
  expect(identity.isOwn('one')).toBe(true);
  expect(identity.now).toBe('one');
  expect(open(kept).identity.now).toBe('one');
  expect(reopened()).toBe(0);
});

test('another ledger is not taken for it: the page opens anew, and then is of that one', () => {
  const { identity, kept, reopened } = open();
  identity.isOwn('one');
  expect(identity.isOwn('two')).toBe(false);
  expect(identity.now).toBe('one');
  expect(reopened()).toBe(1);
  const next = open(kept).identity;
  expect(next.isOwn('two')).toBe(true);
});

test('a backup that took the ledger’s place is the same ledger, and the page opens anew', () => {
  const { identity, reopened } = open();
  expect(identity.isOwn('one', '0')).toBe(true);
  expect(identity.isOwn('one', '0')).toBe(true);
  expect(reopened()).toBe(0);
  expect(identity.isOwn('one', '1')).toBe(false);
  expect(reopened()).toBe(1);
  expect(identity.now).toBe('one');
});

test('what waits for one is kept apart from what waits for another, and found again', () => {
  const { identity, kept } = open();
  const nobody = identity.storeName;
  identity.isOwn('one');
  // A copy kept before ledgers had an identity goes to the one that was there.
  expect(identity.storeName).toBe(nobody);
  identity.isOwn('two');
  const two = open(kept).identity;
  expect(two.storeName).not.toBe(nobody);
  two.isOwn('one');
  expect(open(kept).identity.storeName).toBe(nobody);
});

test('in a browser that keeps nothing the page is of the first that answers, and opens anew for none', () => {
  let reopened = 0;
  const full = {
    getItem: () => null,
    setItem: () => {
      throw new DOMException('No room.', 'QuotaExceededError');
    },
  };
  const identity = new LedgerIdentity(full, () => reopened++);
  expect(identity.isOwn('one')).toBe(true);
  expect(identity.isOwn('two')).toBe(false);
  expect(identity.isOwn('one')).toBe(true);
  expect(reopened).toBe(0);
});

test('who says no name is none of ours', () => {
  const { identity, reopened } = open();
  expect(identity.isOwn(null)).toBe(false);
  identity.isOwn('one');
  expect(identity.isOwn(null)).toBe(false);
  expect(reopened()).toBe(0);
});

describe('a request', () => {
  const asked: HeadersInit[] = [];
  const answering = (status: number, body: string | null, head?: string) => {
    global.fetch = (_path, init) => {
      asked.push(init?.headers ?? {});
      const headers: Record<string, string> = head === undefined ? {} : { [identityHead]: head };
      return Promise.resolve(new Response(body, { status, headers }));
    };
  };

  test.each([
    [200, '{"items":[]}'],
    [200, '<html>another program</html>'],
    [403, '{"error":{"code":"no","message":"No."}}'],
    [404, null],
    [204, null],
  ])('that another program answers with %d %s has not been answered', async (status, body) => {
    answering(status, body);
    const answer = await ask('/api/log', { method: 'POST', body: '{}' });
    expect('error' in answer && isAway(answer.error)).toBe(true);
  });

  test('names the ledger as soon as it is known', async () => {
    answering(200, '{}', 'own');
    await ask('/api/pots');
    await ask('/api/pots');
    expect(ledgerIdentity.now).toBe('own');
    expect(asked.at(-1)).toMatchObject({ [identityHead]: 'own' });
  });
});
