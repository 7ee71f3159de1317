import {
  keptSchema,
  potSchema,
  recipeSchema,
  type Kept,
  type Pot,
  type Recipe,
} from '@yellow-ledger/core';
import { createApi, type BaseQueryFn } from '@reduxjs/toolkit/query/react';
import { z } from 'zod';
import { ask, type Problem } from './problem';

interface Request {
  path: string;
  method?: string;
  body?: string;
  /** what a right answer looks like */
  answer: z.ZodType;
}

const askChecked: BaseQueryFn<Request, unknown, Problem> = async ({ path, answer, ...init }) => {
  const result = await ask(path, init);
  if ('error' in result) return result;
  const read = answer.safeParse(result.data);
  if (read.success) return { data: read.data };
  return {
    error: {
      status: 0,
      code: 'unreadable',
      message:
        'The server’s answer could not be read; the page may be older than the server. Load it again.',
    },
  };
};

const keptPot = keptSchema(potSchema);
const keptRecipe = keptSchema(recipeSchema);
const importedSchema = z.object({
  recipes: z.array(z.object({ id: z.string(), name: z.string(), asCopy: z.boolean() })),
  potsAdded: z.number(),
  potsKept: z.number(),
  potsDiffering: z.array(z.string()),
});
export type Imported = z.infer<typeof importedSchema>;

export interface Write<Content> {
  content: Content;
  /** the revision it was made from; 0 for a new record */
  revision: number;
}

/** Everything the client asks of the server, but for the list of recipes (see the worker). */
export const ledgerApi = createApi({
  reducerPath: 'ledgerApi',
  baseQuery: askChecked,
  tagTypes: ['pots', 'recipeRows'],
  endpoints: (build) => ({
    pots: build.query<Kept<Pot>[], void>({
      query: () => ({ path: '/api/pots', answer: z.object({ items: z.array(keptPot) }) }),
      transformResponse: (answer: { items: Kept<Pot>[] }) => answer.items,
      providesTags: ['pots'],
    }),
    recipe: build.query<Kept<Recipe>, string>({
      query: (id) => ({ path: `/api/recipes/${encodeURIComponent(id)}`, answer: keptRecipe }),
      keepUnusedDataFor: 0,
    }),
    putPot: build.mutation<Kept<Pot>, Write<Pot>>({
      query: (write) => ({
        path: `/api/pots/${write.content.id}`,
        method: 'PUT',
        body: JSON.stringify(write),
        answer: keptPot,
      }),
      async onQueryStarted(_write, { dispatch, queryFulfilled }) {
        // A refused write is told to whoever made it; the list stays as it is.
        const { data } = await queryFulfilled.catch(() => ({ data: null }));
        if (data) dispatch(withPot(data));
      },
    }),
    putRecipe: build.mutation<Kept<Recipe>, Write<Recipe>>({
      query: (write) => ({
        path: `/api/recipes/${write.content.id}`,
        method: 'PUT',
        body: JSON.stringify(write),
        answer: keptRecipe,
      }),
      invalidatesTags: ['recipeRows'],
    }),
    deleteRecord: build.mutation<null, { kind: 'pots' | 'recipes'; id: string; revision: number }>({
      query: ({ kind, id, revision }) => ({
        path: `/api/${kind}/${id}?revision=${revision}`,
        method: 'DELETE',
        answer: z.null(),
      }),
      invalidatesTags: ['pots', 'recipeRows'],
    }),
    importFile: build.mutation<Imported, string>({
      query: (text) => ({ path: '/api/files', method: 'POST', body: text, answer: importedSchema }),
      invalidatesTags: ['pots', 'recipeRows'],
    }),
    addSample: build.mutation<null, void>({
      query: () => ({ path: '/api/demo/sample', method: 'POST', answer: z.null() }),
      invalidatesTags: ['pots', 'recipeRows'],
    }),
  }),
});

const withPot = (kept: Kept<Pot>) =>
  ledgerApi.util.updateQueryData('pots', undefined, (pots) => {
    const index = pots.findIndex(({ content }) => content.id === kept.content.id);
    if (index < 0) pots.push(kept);
    else pots[index] = kept;
  });

/** The version a refused write says is kept now; null when it was deleted. */
export function currentPot(problem: Problem): Kept<Pot> | null {
  return keptPot
    .nullable()
    .catch(null)
    .parse(problem.current ?? null);
}

/** As `currentPot`, for a recipe. */
export function currentRecipe(problem: Problem): Kept<Recipe> | null {
  return keptRecipe
    .nullable()
    .catch(null)
    .parse(problem.current ?? null);
}

/** Errors of the store's requests are problems; anything else is a fault in the page itself. */
export function asProblem(error: unknown): Problem {
  const known = z
    .object({
      status: z.number(),
      code: z.string(),
      message: z.string(),
      current: z.unknown().optional(),
    })
    .safeParse(error);
  if (known.success) return known.data;
  return { status: 0, code: 'page', message: 'Something went wrong on this page.' };
}

export const { usePotsQuery, useRecipeQuery, useImportFileMutation, useAddSampleMutation } =
  ledgerApi;
