import type { Recipe } from '@yellow-ledger/core';

/** What the server would say to a worker that asks for recipes and their versions. */
export function fakeLedger(
  recipes: readonly Recipe[],
  versions: Readonly<Record<string, readonly Recipe[]>> = {},
): void {
  const savedAt = '2026-11-24T10:00:00.000Z';
  jest.spyOn(globalThis, 'fetch').mockImplementation((asked) => {
    const address = String(asked);
    if (address === '/api/recipes')
      return Promise.resolve(
        Response.json({ items: recipes.map((content) => ({ content, revision: 1, savedAt })) }),
      );
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
