import {
  armySchema,
  isSameContent,
  keptSchema,
  paletteSchema,
  potSchema,
  recipeSchema,
  type Kept,
} from '@yellow-ledger/core';
import type { ThunkAction, UnknownAction } from '@reduxjs/toolkit';
import { asProblem, ledgerApi } from '../ledgerApi';
import { ask, type Problem } from '../problem';
import type { RootState } from '../rootState';
import { deedsActions, type Deed } from './deedsSlice';
import { allWritten } from './turns';

type Thunk<Result> = ThunkAction<Promise<Result>, RootState, unknown, UnknownAction>;

/** Does something to a record, and remembers it for undoing. @returns what went wrong, or null */
export function doDeed(deed: Deed): Thunk<Problem | null> {
  return async (dispatch) => {
    const problem = await dispatch(bring(deed, deed.before, deed.after));
    if (!problem) dispatch(deedsActions.done(deed));
    return problem;
  };
}

/** Undoes the last deed, which may still be on its way. */
export function undoDeed(): Thunk<Problem | null> {
  return async (dispatch, getState) => {
    await allWritten();
    const deed = getState().deeds.done.at(-1);
    if (!deed) return null;
    const problem = await dispatch(bring(deed, deed.after, deed.before));
    if (!problem) dispatch(deedsActions.undone());
    return problem;
  };
}

export function redoDeed(): Thunk<Problem | null> {
  return async (dispatch, getState) => {
    const deed = getState().deeds.undone.at(-1);
    if (!deed) return null;
    const problem = await dispatch(bring(deed, deed.before, deed.after));
    if (!problem) dispatch(deedsActions.redone());
    return problem;
  };
}

const schemas = {
  pots: potSchema,
  recipes: recipeSchema,
  palettes: paletteSchema,
  armies: armySchema,
};

/** Few pages have to do with benches: what knows them is fetched when it is needed. */
const benchStore = () => import('../benchApi');

/** Writes `to` (null: deletes), but only over `from`: what somebody else wrote since stays. */
function bring(
  { kind, label }: Deed,
  from: Deed['before'],
  to: Deed['after'],
): Thunk<Problem | null> {
  return async (dispatch) => {
    const id = (from ?? to)?.id ?? '';
    const current = await currentOf(kind, id);
    if ('problem' in current) return current.problem;
    if (!isSameContent(current.kept?.content ?? null, from))
      return {
        status: 409,
        code: 'changed-elsewhere',
        message: `“${label}” was not done: it was changed elsewhere in the meantime, and that is kept.`,
      };
    const revision = current.kept?.revision ?? 0;
    const { putPot, putRecipe, putPalette, putArmy, deleteRecord } = ledgerApi.endpoints;
    const writes = {
      pots: () => dispatch(putPot.initiate({ content: potSchema.parse(to), revision })),
      recipes: () => dispatch(putRecipe.initiate({ content: recipeSchema.parse(to), revision })),
      palettes: () => dispatch(putPalette.initiate({ content: paletteSchema.parse(to), revision })),
      armies: () => dispatch(putArmy.initiate({ content: armySchema.parse(to), revision })),
      benches: async () => {
        const { benchApi, readBench } = await benchStore();
        const write = { content: readBench(to), revision };
        return dispatch(benchApi.endpoints.putBench.initiate(write));
      },
    };
    const result =
      to === null
        ? await dispatch(deleteRecord.initiate({ kind, id, revision }))
        : await writes[kind]();
    return result.error ? asProblem(result.error) : null;
  };
}

async function currentOf(
  kind: Deed['kind'],
  id: string,
): Promise<{ kept: Kept<NonNullable<Deed['before']>> | null } | { problem: Problem }> {
  const answer = await ask(`/api/${kind}/${id}`);
  if ('error' in answer)
    return answer.error.status === 404 ? { kept: null } : { problem: answer.error };
  if (kind === 'benches') return { kept: (await benchStore()).readKeptBench(answer.data) };
  return { kept: keptSchema(schemas[kind]).parse(answer.data) };
}
