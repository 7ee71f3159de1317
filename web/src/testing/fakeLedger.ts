import type { Army, Bench, LogEntry, Recipe } from '@yellow-ledger/core';

/** What else the ledger holds. */
export interface FakeRest {
  log?: readonly LogEntry[];
  armies?: readonly Army[];
  benches?: readonly Bench[];
}

/** What the server would say to a worker that asks for recipes and their versions. */
export function fakeLedger(
  recipes: readonly Recipe[],
  versions: Readonly<Record<string, readonly Recipe[]>> = {},
  { log = [], armies = [], benches = [] }: FakeRest = {},
): void {
  const savedAt = '2026-11-24T10:00:00.000Z';
  jest.spyOn(globalThis, 'fetch').mockImplementation((asked) => {
    const address = String(asked);
    const listed = { '/api/recipes': recipes, '/api/armies': armies, '/api/benches': benches }[
      address
    ];
    if (listed)
      return Promise.resolve(
        Response.json({ items: listed.map((content) => ({ content, revision: 1, savedAt })) }),
      );
    const [, after] = /^\/api\/log\?after=(\d+)$/.exec(address) ?? [];
    if (after !== undefined) {
      const items = log.map((entry, index) => ({ sequence: index + 1, entry }));
      return Promise.resolve(Response.json({ items: items.slice(Number(after)) }));
    }
    const [, recipeId] = /^\/api\/recipes\/([^/]+)\/versions$/.exec(address) ?? [];
    const frozen = versions[recipeId] ?? [];
    if (!recipes.some(({ id }) => id === recipeId) && frozen.length === 0)
      return Promise.resolve(Response.json({ error: { code: 'not-found' } }, { status: 404 }));
    const items = frozen.map((content, index) => ({
      recipeId,
      number: index + 1,
      note: '',
      frozenAt: savedAt,
      content,
    }));
    return Promise.resolve(Response.json({ items }));
  });
}
