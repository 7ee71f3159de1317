import {
  armySchema,
  keptSchema,
  paletteSchema,
  potSchema,
  recipeSchema,
  versionSchema,
  type Army,
  type Freeze,
  type Kept,
  type Palette,
  type Pot,
  type Recipe,
  type Version,
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
const keptPalette = keptSchema(paletteSchema);
const keptArmy = keptSchema(armySchema);
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

/** Everything the client asks of the server, but for the list of recipes (see the worker). */
export const ledgerApi = createApi({
  reducerPath: 'ledgerApi',
  baseQuery: askChecked,
  tagTypes: ['pots', 'recipeRows', 'versions', 'palettes', 'armies', 'benches'],
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
    versions: build.query<Version[], string>({
      query: (id) => ({
        path: `/api/recipes/${encodeURIComponent(id)}/versions`,
        answer: z.object({ items: z.array(versionSchema) }),
      }),
      transformResponse: (answer: { items: Version[] }) => answer.items,
      providesTags: (_versions, _error, id) => [{ type: 'versions', id }],
    }),
    freeze: build.mutation<Version, Freeze & { recipeId: string; number: number }>({
      query: ({ recipeId, number, note, revision }) => ({
        path: `/api/recipes/${encodeURIComponent(recipeId)}/versions/${number}`,
        method: 'PUT',
        body: JSON.stringify({ note, revision }),
        answer: versionSchema,
      }),
      invalidatesTags: (_version, _error, { recipeId }) => [{ type: 'versions', id: recipeId }],
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
    palettes: build.query<Kept<Palette>[], void>({
      query: () => ({ path: '/api/palettes', answer: z.object({ items: z.array(keptPalette) }) }),
      transformResponse: (answer: { items: Kept<Palette>[] }) => answer.items,
      providesTags: ['palettes'],
    }),
    putPalette: build.mutation<Kept<Palette>, Write<Palette>>({
      query: (write) => ({
        path: `/api/palettes/${write.content.id}`,
        method: 'PUT',
        body: JSON.stringify(write),
        answer: keptPalette,
      }),
      invalidatesTags: ['palettes'],
    }),
    armies: build.query<Kept<Army>[], void>({
      query: () => ({ path: '/api/armies', answer: z.object({ items: z.array(keptArmy) }) }),
      transformResponse: (answer: { items: Kept<Army>[] }) => answer.items,
      providesTags: ['armies'],
    }),
    putArmy: build.mutation<Kept<Army>, Write<Army>>({
      query: (write) => ({
        path: `/api/armies/${write.content.id}`,
        method: 'PUT',
        body: JSON.stringify(write),
        answer: keptArmy,
      }),
      invalidatesTags: ['armies'],
    }),
    putPots: build.mutation<Kept<Pot>[], Write<Pot>[]>({
      query: (writes) => ({
        path: '/api/pot-batches',
        method: 'POST',
        body: JSON.stringify({ writes }),
        answer: z.object({ items: z.array(keptPot) }),
      }),
      transformResponse: (answer: { items: Kept<Pot>[] }) => answer.items,
      invalidatesTags: ['pots'],
    }),
    replaceInRecipes: build.mutation<Kept<Recipe>[], { note: string; recipes: Write<Recipe>[] }>({
      query: (replacement) => ({
        path: '/api/replacements',
        method: 'POST',
        body: JSON.stringify(replacement),
        answer: z.object({ items: z.array(keptRecipe) }),
      }),
      transformResponse: (answer: { items: Kept<Recipe>[] }) => answer.items,
      invalidatesTags: ['recipeRows', 'versions'],
    }),
    deleteRecord: build.mutation<
      null,
      { kind: 'pots' | 'recipes' | 'palettes' | 'armies' | 'benches'; id: string; revision: number }
    >({
      query: ({ kind, id, revision }) => ({
        path: `/api/${kind}/${id}?revision=${revision}`,
        method: 'DELETE',
        answer: z.null(),
      }),
      invalidatesTags: ['pots', 'recipeRows', 'palettes', 'armies', 'benches'],
    }),
    importFile: build.mutation<Imported, string>({
      query: (text) => ({ path: '/api/files', method: 'POST', body: text, answer: importedSchema }),
      invalidatesTags: ['pots', 'recipeRows', 'palettes', 'armies', 'benches'],
    }),
    addSample: build.mutation<null, void>({
      query: () => ({ path: '/api/demo/sample', method: 'POST', answer: z.null() }),
      invalidatesTags: ['pots', 'recipeRows', 'armies'],
    }),
  }),
});

/** The list of pots with one as it is kept now. */
export const withPot = (kept: Kept<Pot>) =>
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

export const {
  usePotsQuery,
  useRecipeQuery,
  useVersionsQuery,
  useFreezeMutation,
  useImportFileMutation,
  useAddSampleMutation,
  useArmiesQuery,
  usePalettesQuery,
  usePutPotsMutation,
  useReplaceInRecipesMutation,
} = ledgerApi;
