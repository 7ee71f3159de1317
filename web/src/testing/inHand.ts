import type { Army, Bench, Kept, LogEntry, Pot, Recipe, Version } from '@yellow-ledger/core';
import { setLedgerData } from '../workers/shared/ledgerData';

/** The rest of the ledger. */
export interface FakeRest {
  log?: readonly LogEntry[];
  armies?: readonly Army[];
  benches?: readonly Bench[];
}

export const savedAt = '2026-11-24T10:00:00.000Z';
export const keptOf = <Content>(content: Content, revision = 1): Kept<Content> => ({
  content,
  revision,
  savedAt,
});
const whole = { gone: [], isWhole: true };

/** Has the worker know these pots, in place of all before. */
export function takeShelf(pots: readonly Pot[]): void {
  setLedgerData([{ part: 'pots', put: pots.map((pot) => keptOf(pot)), ...whole }]);
}

/** Has the worker know a ledger, in place of all it knew but the pots. */
export function takeLedger(
  recipes: readonly Recipe[],
  versions: Readonly<Record<string, readonly Recipe[]>> = {},
  { log = [], armies = [], benches = [] }: FakeRest = {},
): void {
  const frozen = Object.entries(versions).flatMap(([recipeId, contents]) =>
    contents.map((content, index): Version => {
      const number = index + 1;
      return { recipeId, number, note: '', frozenAt: savedAt, content };
    }),
  );
  setLedgerData([
    { part: 'recipes', put: recipes.map((recipe) => keptOf(recipe)), ...whole },
    { part: 'versions', put: frozen, ...whole },
    { part: 'armies', put: armies.map((army) => keptOf(army)), ...whole },
    { part: 'benches', put: benches.map((bench) => keptOf(bench)), ...whole },
    { part: 'log', put: [...log], ...whole },
  ]);
}
