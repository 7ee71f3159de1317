import {
  keptSchema,
  potSchema,
  recipeSchema,
  type Kept,
  type Pot,
  type Recipe,
} from '@yellow-ledger/core';
import type { ThunkAction, UnknownAction } from '@reduxjs/toolkit';
import { asProblem, ledgerApi } from '../ledgerApi';
import { ask, type Problem } from '../problem';
import type { RootState } from '../rootState';
import { deedsActions, type Deed } from './deedsSlice';

type Thunk<Result> = ThunkAction<Promise<Result>, RootState, unknown, UnknownAction>;

/** Does something to a record, and remembers it for undoing. @returns what went wrong, or null */
export function doDeed(deed: Deed): Thunk<Problem | null> {
  return async (dispatch) => {
    const problem = await dispatch(bring(deed, deed.before, deed.after));
    if (!problem) dispatch(deedsActions.done(deed));
    return problem;
  };
}

export function undoDeed(): Thunk<Problem | null> {
  return async (dispatch, getState) => {
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

/** Writes `to` (null: deletes), but only over `from`: what somebody else wrote since stays. */
function bring(
  { kind, label }: Deed,
  from: Pot | Recipe | null,
  to: Pot | Recipe | null,
): Thunk<Problem | null> {
  return async (dispatch) => {
    const id = (from ?? to)?.id ?? '';
    const current = await currentOf(kind, id);
    if ('problem' in current) return current.problem;
    if (JSON.stringify(current.kept?.content ?? null) !== JSON.stringify(from))
      return {
        status: 409,
        code: 'changed-elsewhere',
        message: `“${label}” was not done: it was changed elsewhere in the meantime, and that is kept.`,
      };
    const revision = current.kept?.revision ?? 0;
    const { putPot, putRecipe, deleteRecord } = ledgerApi.endpoints;
    const result =
      to === null
        ? await dispatch(deleteRecord.initiate({ kind, id, revision }))
        : kind === 'pots'
          ? await dispatch(putPot.initiate({ content: potSchema.parse(to), revision }))
          : await dispatch(putRecipe.initiate({ content: recipeSchema.parse(to), revision }));
    return result.error ? asProblem(result.error) : null;
  };
}

async function currentOf(
  kind: Deed['kind'],
  id: string,
): Promise<{ kept: Kept<Pot | Recipe> | null } | { problem: Problem }> {
  const answer = await ask(`/api/${kind}/${id}`);
  if ('error' in answer)
    return answer.error.status === 404 ? { kept: null } : { problem: answer.error };
  const schema = kind === 'pots' ? keptSchema(potSchema) : keptSchema(recipeSchema);
  return { kept: schema.parse(answer.data) };
}
