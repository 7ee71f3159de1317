import { benchSchema, keptSchema, type Bench, type Kept } from '@yellow-ledger/core';
import { z } from 'zod';
import { ledgerApi, type Write } from './ledgerApi';

const keptBench = keptSchema(benchSchema);

/** What the client asks of the server about benches; only their pages fetch it. */
export const benchApi = ledgerApi.injectEndpoints({
  endpoints: (build) => ({
    benches: build.query<Kept<Bench>[], void>({
      query: () => ({ path: '/api/benches', answer: z.object({ items: z.array(keptBench) }) }),
      transformResponse: (answer: { items: Kept<Bench>[] }) => answer.items,
      providesTags: ['benches'],
    }),
    putBench: build.mutation<Kept<Bench>, Write<Bench>>({
      query: (write) => ({
        path: `/api/benches/${write.content.id}`,
        method: 'PUT',
        body: JSON.stringify(write),
        answer: keptBench,
      }),
      invalidatesTags: ['benches'],
    }),
  }),
});

export const { useBenchesQuery } = benchApi;

/** A bench, checked. */
export const readBench = (bench: unknown) => benchSchema.parse(bench);

/** What is kept of a bench, as the server answers. */
export const readKeptBench = (answer: unknown) => keptBench.parse(answer);
