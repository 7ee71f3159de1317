import {
  entrySchema,
  fieldErrors,
  keptSchema,
  potSchema,
  recipeSchema,
  resources,
  sentenceOf,
  versionSchema,
  type AnyRecord,
  type Freeze,
  type Kept,
  type LogEntry,
  type Pot,
  type Recipe,
  type ResourceName,
  type Version,
} from '@yellow-ledger/core';
import { createApi, type BaseQueryFn } from '@reduxjs/toolkit/query/react';
import { z } from 'zod';
import { withConfirming } from './club/confirming';
import { grownLog } from './log/logIndex';
import { ackedWrites } from './outbox/ackedWrites';
import { offlineCache, type CachedCollection } from './offline/cachedCollections';
import { ask, unreadable, type Problem } from './ask';
import { readList } from './readList';
import { damagedRows } from './damagedRows';

interface Request {
  path: string;
  method?: string;
  body?: string | Blob;
  /** reads a right answer; throws on another. `asked`: the turn it was asked for at */
  read: (answer: unknown, asked: number) => unknown;
  /** what the browser has kept of it, where the server does not answer; null where that is nothing */
  had?: () => Promise<unknown>;
}

const askChecked: BaseQueryFn<Request, unknown, Problem> = async (
  { path, read, had, ...init },
  { signal },
) => {
  const asked = ackedWrites.now();
  const result = await withConfirming(() => ask(path, { ...init, signal }));
  if ('error' in result) {
    const kept = had && result.error.code === 'no-answer' ? await had().catch(() => null) : null;
    return kept === null ? result : { data: kept };
  }
  try {
    return { data: await read(result.data, asked) };
  } catch {
    return { error: unreadable };
  }
};

const itemsSchema = z.object({ items: z.array(z.unknown()) });
const itemsOf = async <Item>(answer: unknown, schema: z.ZodType<Item>) =>
  readList(itemsSchema.parse(answer).items, schema);
/** The offline copy of a collection; records that cannot be read are left out. */
async function hadOf<Item>(
  part: CachedCollection,
  schema: z.ZodType<Item>,
): Promise<Item[] | null> {
  const things = await offlineCache.read(part);
  return (
    things &&
    (await readList(things, schema.nullable().catch(null))).filter((item) => item !== null)
  );
}

const logItemSchema = z.object({ sequence: z.number(), entry: entrySchema });

/** The server's log; entries that cannot be read are named. */
async function readEntries(answer: unknown, tell = damagedRows.take.bind(null, 'log')) {
  const wrong: { id: string; revision: number; reason: string }[] = [];
  const items = await readList(itemsSchema.parse(answer).items, logItemSchema, (item, error) => {
    const read = namedItemSchema.safeParse(item);
    const reason = fieldErrors(error, item).map(sentenceOf).join(' ');
    if (read.success) wrong.push({ id: read.data.entry.id, revision: 0, reason });
  });
  tell(answer, wrong);
  return items;
}

const namedItemSchema = z.object({ entry: z.object({ id: z.string() }) });

const importedSchema = z.object({
  recipes: z.array(z.object({ id: z.string(), name: z.string(), asCopy: z.boolean() })),
  potsAdded: z.number(),
  potsKept: z.number(),
  potsDiffering: z.array(z.string()),
  leftOut: z.array(z.string()),
});
export type Imported = z.infer<typeof importedSchema>;

export interface Write<Content> {
  content: Content;
  /** the revision it was made from; 0 for a new record */
  revision: number;
}

/** The log as far as the server has given it; entries never change. */
export interface GivenLog {
  entries: LogEntry[];
  /** the last the server has given */
  sequence: number;
}

/** The recipes that were saved last; all of them, where there are few. */
export interface NewestRecipes {
  items: Kept<Recipe>[];
  isAll: boolean;
}

/** public/early.js asks for the same. */
const newestRecipesPath = '/api/recipes?newest=40';
const newestSchema = z.object({ isAll: z.boolean().default(true) });

const recordNames = Object.keys(resources) as ResourceName[];

/** Cache tags that can be invalidated. */
export const everyTag = [...recordNames, 'versions' as const, 'log' as const];

/**
 * The server's data, fetched once and cached. Records are written by the one writer; only
 * requests that write many at once, or nothing that is cached, go to the server from here.
 */
export const ledgerApi = createApi({
  reducerPath: 'ledgerApi',
  baseQuery: askChecked,
  tagTypes: everyTag,
  // Long lived: what is in hand is told of every change, and is worked with while the server is away.
  keepUnusedDataFor: 24 * 60 * 60,
  endpoints: (build) => ({
    records: build.query<Kept<AnyRecord>[], ResourceName>({
      query: (name) => ({
        path: `/api/${name}`,
        read: async (answer, asked) => {
          damagedRows.take(name, answer);
          const schema = keptSchema(resources[name].schema as z.ZodType<AnyRecord>);
          return ackedWrites.recordsSince(asked, name, await itemsOf(answer, schema));
        },
        had: () => hadOf(name, keptSchema(resources[name].schema as z.ZodType<AnyRecord>)),
      }),
      providesTags: (_kept, _error, name) => [name],
    }),
    newestRecipes: build.query<NewestRecipes, void>({
      query: () => ({
        path: newestRecipesPath,
        read: async (answer, asked) => {
          damagedRows.take('recipes', answer);
          const items = await itemsOf(answer, keptSchema(recipeSchema));
          return {
            items: ackedWrites.recordsSince(asked, 'recipes', items) as Kept<Recipe>[],
            isAll: newestSchema.parse(answer).isAll,
          };
        },
      }),
      async onQueryStarted(_nothing, { dispatch, queryFulfilled }) {
        const { data } = await queryFulfilled.catch(() => ({ data: null }));
        // A short list is the whole of it, and need not be asked for once more.
        if (data?.isAll)
          void dispatch(ledgerApi.util.upsertQueryData('records', 'recipes', data.items));
      },
    }),
    versions: build.query<Version[], void>({
      query: () => ({
        path: '/api/versions',
        read: (answer) => {
          damagedRows.take('versions', answer);
          return itemsOf(answer, versionSchema);
        },
        had: () => hadOf('versions', versionSchema),
      }),
      providesTags: ['versions'],
    }),
    log: build.query<GivenLog, void>({
      query: () => ({
        path: '/api/log',
        read: async (answer, asked) => {
          const log = withItems(noLog, await readEntries(answer));
          return withEntries(log, ackedWrites.entriesSince(asked));
        },
        had: async () => {
          const entries = await hadOf('log', entrySchema);
          return entries && withEntries(noLog, entries);
        },
      }),
      providesTags: ['log'],
    }),
    freeze: build.mutation<Version, Freeze & { recipeId: string; number: number }>({
      query: ({ recipeId, number, note, revision }) => ({
        path: `/api/recipes/${encodeURIComponent(recipeId)}/versions/${number}`,
        method: 'PUT',
        body: JSON.stringify({ note, revision }),
        read: (answer) => versionSchema.parse(answer),
      }),
      invalidatesTags: ['versions'],
    }),
    putPots: build.mutation<Kept<Pot>[], Write<Pot>[]>({
      query: (writes) => ({
        path: '/api/pot-batches',
        method: 'POST',
        body: JSON.stringify({ writes }),
        read: (answer) => itemsOf(answer, keptSchema(potSchema)),
      }),
      invalidatesTags: ['pots'],
    }),
    replaceInRecipes: build.mutation<Kept<Recipe>[], { note: string; recipes: Write<Recipe>[] }>({
      query: (replacement) => ({
        path: '/api/replacements',
        method: 'POST',
        body: JSON.stringify(replacement),
        read: (answer) => itemsOf(answer, keptSchema(recipeSchema)),
      }),
      invalidatesTags: ['recipes', 'versions'],
    }),
    importFile: build.mutation<Imported, { file: File; as: string }>({
      query: ({ file, as }) => ({
        path: `/api/files?as=${as}`,
        method: 'POST',
        // Sent as it lies on the disk, without going through the memory.
        body: file,
        read: (answer) => importedSchema.parse(answer),
      }),
      invalidatesTags: everyTag,
    }),
    addSample: build.mutation<null, void>({
      query: () => ({
        path: '/api/demo/sample',
        method: 'POST',
        read: (answer) => z.null().parse(answer),
      }),
      invalidatesTags: [...recordNames],
    }),
  }),
});

const noLog: GivenLog = { entries: [], sequence: 0 };

/** A log with what else the server has given; what is known already is passed over. */
export function withItems(
  log: GivenLog,
  items: readonly z.infer<typeof logItemSchema>[],
): GivenLog {
  if (items.length === 0) return log;
  return {
    entries: grownLog(
      log.entries,
      items.map(({ entry }) => entry),
    ),
    sequence: items.reduce((last, { sequence }) => Math.max(last, sequence), log.sequence),
  };
}

/** A log with entries that were written here, and have no sequence yet. */
export const withEntries = (log: GivenLog, entries: readonly LogEntry[]): GivenLog =>
  withItems(
    log,
    entries.map((entry) => ({ sequence: log.sequence, entry })),
  );

/** Reads what the server has of the log after a sequence. @throws Problem */
export async function newerEntries(after: number) {
  const result = await ask(`/api/log?after=${after}`);
  if ('error' in result) throw result.error;
  return readEntries(result.data, () => undefined);
}

export const {
  useFreezeMutation,
  useImportFileMutation,
  useAddSampleMutation,
  usePutPotsMutation,
  useReplaceInRecipesMutation,
} = ledgerApi;
