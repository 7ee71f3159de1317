import {
  keptSchema,
  momentSchema,
  resources,
  type AnyRecord,
  type Kept,
  type Moment,
  type ResourceName,
} from '@yellow-ledger/core';
import { z } from 'zod';
import { ledgerApi } from './ledgerApi';

interface MomentsAsked {
  kind: ResourceName;
  id: string;
  /** of the record now: after another write there is one moment more */
  revision: number;
}

/** The earlier states of records, which are looked at and not kept in hand. */
const historyApi = ledgerApi.injectEndpoints({
  endpoints: (build) => ({
    moments: build.query<Moment[], MomentsAsked>({
      query: ({ kind, id }) => ({
        path: `/api/${kind}/${encodeURIComponent(id)}/history`,
        read: (answer) => z.object({ items: z.array(momentSchema) }).parse(answer).items,
      }),
      keepUnusedDataFor: 0,
    }),
    former: build.query<Kept<AnyRecord>, MomentsAsked>({
      query: ({ kind, id, revision }) => ({
        path: `/api/${kind}/${encodeURIComponent(id)}/history/${revision}`,
        read: (answer) => keptSchema(resources[kind].schema as z.ZodType<AnyRecord>).parse(answer),
      }),
      keepUnusedDataFor: 60,
    }),
  }),
});

export const { useMomentsQuery, useFormerQuery } = historyApi;
