import {
  bringSchema,
  claimSchema,
  loanSchema,
  proposalSchema,
  type Bring,
  type Claim,
  type Loan,
  type Proposal,
  type Recipe,
  type ResourceName,
  type Role,
} from '@yellow-ledger/core';
import { createApi, type BaseQueryFn } from '@reduxjs/toolkit/query/react';
import { z } from 'zod';
import type { Problem } from '../problem';
import { askClub } from './askClub';
import { withConfirming } from './confirming';
import {
  deviceSchema,
  clubTags,
  invitationSchema,
  madeInvitationSchema,
  ownedSchema,
  activitySchema,
  type OpenTo,
  type Device,
  type Invitation,
  type Owned,
  type Activity,
} from './clubSchemas';
import { memberSchema, memberships, type Member } from './membership';

export { clubTags } from './clubSchemas';
export type { Device, OpenTo, Owned, Activity } from './clubSchemas';

interface Request {
  path: string;
  method?: string;
  body?: object;
  schema: z.ZodType;
}

const askHouse: BaseQueryFn<Request, unknown, Problem> = async ({ path, schema, ...init }) => {
  const answer = await withConfirming(() =>
    askClub(path, schema, { ...init, headers: memberships.head() }),
  );
  if ('error' in answer && answer.error.status === 401) memberships.wentOut();
  return answer;
};

const itemsOf = <Item>(schema: z.ZodType<Item>) =>
  z.object({ items: z.array(schema) }).transform(({ items }) => items);

/** The new owner of a record: the club’s; mine, for me alone; or mine, and shown to all. */
export type WhoseItIs = 'club' | 'mine' | 'shared';

const alongSchema = z.object({ along: z.array(z.string()) });
const nothing = z.null();
const doing = (path: string, method: string, body?: object) => ({
  path,
  method,
  schema: nothing,
  ...(body && { body }),
});

/** A club: who is in it, and whose what is. Nothing of it is there for a ledger alone. */
export const clubApi = createApi({
  reducerPath: 'clubApi',
  baseQuery: askHouse,
  tagTypes: clubTags,
  endpoints: (build) => ({
    members: build.query<Member[], void>({
      query: () => ({ path: '/members', schema: itemsOf(memberSchema) }),
      providesTags: ['members'],
    }),
    giveRole: build.mutation<null, { id: string; role: Role }>({
      query: ({ id, role: given }) => doing(`/members/${id}/role`, 'PUT', { role: given }),
      invalidatesTags: ['members', 'trail'],
    }),
    putOut: build.mutation<null, string>({
      query: (id) => doing(`/members/${id}`, 'DELETE'),
      invalidatesTags: ['members', 'trail', 'owners'],
    }),
    invitations: build.query<Invitation[], void>({
      query: () => ({ path: '/invitations', schema: itemsOf(invitationSchema) }),
      providesTags: ['invitations'],
    }),
    invite: build.mutation<
      z.infer<typeof madeInvitationSchema>,
      { role: Role; hours: number; memberId?: string; dropsSecondFactor?: boolean }
    >({
      query: (body) => ({
        path: '/invitations',
        method: 'POST',
        body,
        schema: madeInvitationSchema,
      }),
      invalidatesTags: ['invitations', 'trail'],
    }),
    takeBack: build.mutation<null, string>({
      query: (id) => doing(`/invitations/${id}`, 'DELETE'),
      invalidatesTags: ['invitations'],
    }),
    devices: build.query<Device[], void>({
      query: () => ({ path: '/devices', schema: itemsOf(deviceSchema) }),
      providesTags: ['devices'],
    }),
    endDevice: build.mutation<null, string>({
      query: (id) => doing(`/devices/${id}`, 'DELETE'),
      invalidatesTags: ['devices', 'trail'],
    }),
    changePassphrase: build.mutation<null, { old: string; passphrase: string }>({
      query: (body) => doing('/passphrase', 'PUT', body),
      invalidatesTags: ['devices', 'trail'],
    }),
    trail: build.query<Activity[], void>({
      query: () => ({ path: '/trail', schema: itemsOf(activitySchema) }),
      providesTags: ['trail'],
    }),
    owners: build.query<Owned[], void>({
      query: () => ({ path: '/owners', schema: itemsOf(ownedSchema) }),
      providesTags: ['owners'],
    }),
    shelves: build.query<{ loans: Loan[]; brings: Bring[] }, void>({
      query: () => ({
        path: '/shelves',
        schema: z.object({ loans: z.array(loanSchema), brings: z.array(bringSchema) }),
      }),
      providesTags: ['shelves'],
    }),
    lend: build.mutation<Loan, { potId: string; toId: string }>({
      query: (body) => ({ path: '/loans', method: 'POST', body, schema: loanSchema }),
      invalidatesTags: ['shelves'],
    }),
    giveBack: build.mutation<null, string>({
      query: (id) => doing(`/loans/${id}/back`, 'PUT', {}),
      invalidatesTags: ['shelves'],
    }),
    bring: build.mutation<null, { armyId: string; potId: string; is: 'brought' | 'left' }>({
      query: (body) => doing('/brings', 'PUT', body),
      invalidatesTags: ['shelves'],
    }),
    claims: build.query<Claim[], void>({
      query: () => ({ path: '/claims', schema: itemsOf(claimSchema) }),
      providesTags: ['claims'],
    }),
    claim: build.mutation<
      null,
      {
        armyId: string;
        unitId: string;
        models: number[];
        is: 'taken' | 'let go';
        evenIfTaken?: boolean;
      }
    >({
      query: (body) => doing('/claims', 'PUT', body),
      invalidatesTags: ['claims'],
    }),
    proposals: build.query<Proposal[], void>({
      query: () => ({ path: '/proposals', schema: itemsOf(proposalSchema) }),
      providesTags: ['proposals'],
    }),
    propose: build.mutation<
      { id: string },
      { targetId: string | null; words: string; content: Recipe }
    >({
      query: (body) => ({
        path: '/proposals',
        method: 'POST',
        body,
        schema: z.object({ id: z.string() }),
      }),
      invalidatesTags: ['proposals'],
    }),
    withdraw: build.mutation<null, string>({
      query: (id) => doing(`/proposals/${id}`, 'DELETE'),
      invalidatesTags: ['proposals'],
    }),
    remark: build.mutation<null, { id: string; stepId: string | null; words: string }>({
      query: ({ id, ...remark }) => doing(`/proposals/${id}/remarks`, 'POST', remark),
      invalidatesTags: ['proposals'],
    }),
    removeRemark: build.mutation<null, { id: string; remarkId: string }>({
      query: ({ id, remarkId }) => doing(`/proposals/${id}/remarks/${remarkId}`, 'DELETE'),
      invalidatesTags: ['proposals'],
    }),
    approve: build.mutation<
      { recipeId: string; version: number },
      { id: string; revision: number }
    >({
      query: ({ id, revision }) => ({
        path: `/proposals/${id}/approved`,
        method: 'POST',
        body: { revision },
        schema: z.object({ recipeId: z.string(), version: z.number() }),
      }),
      invalidatesTags: ['proposals', 'trail'],
    }),
    decline: build.mutation<null, { id: string; reason: string }>({
      query: ({ id, reason }) => doing(`/proposals/${id}/declined`, 'POST', { reason }),
      invalidatesTags: ['proposals', 'trail'],
    }),
    setWhose: build.mutation<
      { along: string[] },
      { kind: ResourceName; id: string; is: WhoseItIs; openTo?: readonly OpenTo[] }
    >({
      query: ({ kind, id, is, openTo }) => ({
        path: `/owners/${kind}/${id}`,
        method: 'PUT',
        body: { is, ...(openTo && { openTo }) },
        schema: alongSchema,
      }),
      invalidatesTags: ['owners', 'trail'],
    }),
    setWhoseOfMany: build.mutation<
      { along: string[] },
      {
        items: readonly { kind: ResourceName; id: string }[];
        is: WhoseItIs;
        openTo?: readonly OpenTo[];
      }
    >({
      query: (body) => ({ path: '/owners', method: 'PUT', body, schema: alongSchema }),
      invalidatesTags: ['owners', 'trail'],
    }),
    noticesSeen: build.mutation<null, void>({
      query: () => doing('/me/notices-seen', 'POST', {}),
    }),
  }),
});

export const {
  useMembersQuery,
  useGiveRoleMutation,
  usePutOutMutation,
  useInvitationsQuery,
  useInviteMutation,
  useTakeBackMutation,
  useDevicesQuery,
  useEndDeviceMutation,
  useChangePassphraseMutation,
  useTrailQuery,
  useOwnersQuery,
  useSetWhoseMutation,
  useSetWhoseOfManyMutation,
  useNoticesSeenMutation,
  useShelvesQuery,
  useLendMutation,
  useGiveBackMutation,
  useBringMutation,
  useClaimsQuery,
  useClaimMutation,
  useProposalsQuery,
  useProposeMutation,
  useWithdrawMutation,
  useRemarkMutation,
  useRemoveRemarkMutation,
  useApproveMutation,
  useDeclineMutation,
} = clubApi;

/** Leaves this device, or ends an evening on it. */
export const logOut = () => askClub('/go-out', nothing, { method: 'POST', body: {} });
