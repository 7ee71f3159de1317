import type {
  AnyRecord,
  ContentOf,
  Kept,
  LogEntry,
  Pot,
  ResourceName,
  Version,
} from '@yellow-ledger/core';
import { withWaiting } from './log/logIndex';
import { createSelector, type ThunkDispatch, type UnknownAction } from '@reduxjs/toolkit';
import { ledgerApi } from './ledgerApi';
import type { RootState } from './rootState';
import { groundsIn, isSameGrounds, type Ground } from './grounds';
import { recordKey, type PendingRecord } from './outbox/writingSlice';

/** The loaded data: the server's, with the writes made here that are on their way to it. */
export type Collection = ResourceName | 'versions' | 'log' | 'grounds';

/** The type of each collection. */
export type LedgerData = {
  [Name in ResourceName]: readonly Kept<ContentOf<Name>>[];
} & { versions: readonly Version[]; log: readonly LogEntry[]; grounds: readonly Ground[] };

/** When what was never saved was saved. */
const never = '1970-01-01T00:00:00.000Z';

const selectWriting = (state: RootState) => state.writing;
const selectPending = createSelector([selectWriting], ({ records }) => Object.values(records));

function recordsSelector(name: ResourceName) {
  const selectGiven = ledgerApi.endpoints.records.select(name);
  const selectOwn = createSelector(
    [selectPending],
    (pending) => pending.filter((each) => each.name === name),
    { memoizeOptions: { resultEqualityCheck: isSameList } },
  );
  return createSelector(
    [(state: RootState) => selectGiven(state as never).data, selectOwn],
    (given, own) => given && withPending(given, own),
  );
}

const isSameList = (one: unknown, other: unknown) =>
  Array.isArray(one) &&
  Array.isArray(other) &&
  one.length === other.length &&
  one.every((each, i) => each === other[i]);

/** Records as they are kept, with what is written here in its place. */
function withPending(
  given: readonly Kept<AnyRecord>[],
  pending: readonly PendingRecord[],
): readonly Kept<AnyRecord>[] {
  if (pending.length === 0) return given;
  const own = new Map(pending.map((each) => [each.id, each]));
  const changed = given.flatMap((kept): Kept<AnyRecord>[] => {
    const mine = own.get(kept.content.id);
    if (!mine) return [kept];
    own.delete(kept.content.id);
    return mine.mine === null ? [] : [withContent(kept, mine.mine)];
  });
  const added = [...own.values()].flatMap(({ mine, base }): Kept<AnyRecord>[] =>
    mine === null ? [] : [{ content: mine, revision: base?.revision ?? 0, savedAt: never }],
  );
  return [...changed, ...added];
}

function withContent(kept: Kept<AnyRecord>, content: AnyRecord): Kept<AnyRecord> {
  const { usedMl, ...rest } = kept;
  // Paint used counts from the measuring that is on the server: another one begins again.
  const isSameMeasuring = (content as Pot).measuredAt === (kept.content as Pot).measuredAt;
  return { ...rest, content, ...(isSameMeasuring && usedMl !== undefined && { usedMl }) };
}

const selectLog = createSelector(
  [
    (state: RootState) => ledgerApi.endpoints.log.select()(state as never).data,
    createSelector([selectWriting], ({ entries }) => entries),
  ],
  (given, pending) => {
    if (!given) return undefined;
    return withWaiting(
      given.entries,
      pending.map(({ entry }) => entry),
    );
  },
);

const selectRecipes = recordsSelector('recipes') as (
  state: RootState,
) => LedgerData['recipes'] | undefined;
const selectVersions = (state: RootState) =>
  ledgerApi.endpoints.versions.select()(state as never).data;

const selectors = {
  pots: recordsSelector('pots'),
  recipes: selectRecipes,
  palettes: recordsSelector('palettes'),
  armies: recordsSelector('armies'),
  benches: recordsSelector('benches'),
  timetables: recordsSelector('timetables'),
  photographs: recordsSelector('photographs'),
  versions: selectVersions,
  log: selectLog,
  grounds: createSelector([selectRecipes, selectVersions], groundsIn, {
    memoizeOptions: { resultEqualityCheck: isSameGrounds },
  }),
} as { [Name in Collection]: (state: RootState) => LedgerData[Name] | undefined };

/** A part of what is in hand; undefined until it is fetched. The same object until it changes. */
export const selectCollection = <Name extends Collection>(state: RootState, part: Name) =>
  selectors[part](state);

/** Parts that are worked out from others, and are fetched with them. */
const madeFrom: Partial<Record<Collection, readonly Collection[]>> = {
  grounds: ['recipes', 'versions'],
};

/** Data older than this is looked at once more when a page wants it, seconds. */
const fresh = { forceRefetch: 30 } as const;

/** Fetches a part that is not in hand. @returns lets go of it */
export function holdCollection(
  dispatch: ThunkDispatch<RootState, unknown, UnknownAction>,
  part: Collection,
): () => void {
  const madeOf = madeFrom[part];
  if (madeOf) {
    const held = madeOf.map((each) => holdCollection(dispatch, each));
    return () => held.forEach((letGo) => letGo());
  }
  const { records, versions, log } = ledgerApi.endpoints;
  const asked =
    part === 'versions'
      ? dispatch(versions.initiate(undefined, fresh))
      : part === 'log'
        ? dispatch(log.initiate(undefined, fresh))
        : dispatch(records.initiate(part as ResourceName, fresh));
  // An error stands with the collection.
  asked.catch(() => undefined);
  return () => asked.unsubscribe();
}

/** Why a part could not be fetched, where it is not there. */
export function selectProblem(state: RootState, part: Collection): unknown {
  for (const each of madeFrom[part] ?? []) {
    const problem = selectProblem(state, each);
    if (problem !== undefined) return problem;
  }
  const { records, versions, log } = ledgerApi.endpoints;
  const select =
    part === 'versions'
      ? versions.select()
      : part === 'log'
        ? log.select()
        : records.select(part as ResourceName);
  return select(state as never).error;
}

/** A record as the server has it, without what is written here. */
export function cachedRecord(
  state: RootState,
  name: ResourceName,
  id: string,
): Kept<AnyRecord> | null {
  const { data } = ledgerApi.endpoints.records.select(name)(state as never);
  return data?.find(({ content }) => content.id === id) ?? null;
}

/** A record as it shows: as it is written here, else as the server has it; null where there is none. */
export function shownRecord(state: RootState, name: ResourceName, id: string): AnyRecord | null {
  const pending = state.writing.records[recordKey(name, id)] as PendingRecord | undefined;
  return pending ? pending.mine : (cachedRecord(state, name, id)?.content ?? null);
}
