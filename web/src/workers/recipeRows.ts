import { ledgerApi } from '../store/ledgerApi';
import type { RecipeRow } from './work/listWork';
import { ledgerWorker } from './ledgerWorker';

/** The list of recipes, fetched and read in the worker: a thousand of them take longer than a frame. */
const recipeRowsApi = ledgerApi.injectEndpoints({
  endpoints: (build) => ({
    recipeRows: build.query<RecipeRow[], void>({
      async queryFn() {
        try {
          return { data: await ledgerWorker.recipeRows() };
        } catch {
          return {
            error: {
              status: 0,
              code: 'no-answer',
              message:
                'The list of recipes could not be fetched; the server may have been stopped.',
            },
          };
        }
      },
      keepUnusedDataFor: 0,
      providesTags: ['recipeRows'],
    }),
  }),
});

export const { useRecipeRowsQuery } = recipeRowsApi;
