import { z } from 'zod';
import { clubApi } from './clubApi';
import {
  preparedFactorSchema,
  recoveryCodesSchema,
  secondFactorSchema,
  type SecondFactorState,
} from './clubSchemas';

/** A member's own second factor. */
const secondFactorApi = clubApi.injectEndpoints({
  endpoints: (build) => ({
    secondFactor: build.query<SecondFactorState, void>({
      query: () => ({ path: '/me/second-factor', schema: secondFactorSchema }),
      providesTags: ['secondFactor'],
    }),
    prepareSecondFactor: build.mutation<z.infer<typeof preparedFactorSchema>, void>({
      query: () => ({
        path: '/me/second-factor',
        method: 'POST',
        body: {},
        schema: preparedFactorSchema,
      }),
    }),
    turnOnSecondFactor: build.mutation<z.infer<typeof recoveryCodesSchema>, string>({
      query: (code) => ({
        path: '/me/second-factor',
        method: 'PUT',
        body: { code },
        schema: recoveryCodesSchema,
      }),
      invalidatesTags: ['secondFactor', 'devices', 'trail'],
    }),
    renewRecoveryCodes: build.mutation<z.infer<typeof recoveryCodesSchema>, string>({
      query: (code) => ({
        path: '/me/second-factor/recovery-codes',
        method: 'POST',
        body: { code },
        schema: recoveryCodesSchema,
      }),
      invalidatesTags: ['secondFactor'],
    }),
    turnOffSecondFactor: build.mutation<{ isOff: true }, string>({
      query: (code) => ({
        path: '/me/second-factor/off',
        method: 'POST',
        body: { code },
        schema: z.object({ isOff: z.literal(true) }),
      }),
      invalidatesTags: ['secondFactor', 'trail'],
    }),
  }),
});

export const {
  useSecondFactorQuery,
  usePrepareSecondFactorMutation,
  useTurnOnSecondFactorMutation,
  useRenewRecoveryCodesMutation,
  useTurnOffSecondFactorMutation,
} = secondFactorApi;
