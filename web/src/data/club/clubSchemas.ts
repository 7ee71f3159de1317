import { resourceNames, roleNames } from '@yellow-ledger/core';
import { z } from 'zod';

const role = z.enum(roleNames);
export const invitationSchema = z.object({
  id: z.string(),
  role,
  memberId: z.string().nullable(),
  madeAt: z.string(),
  endsAt: z.string(),
});
export type Invitation = z.infer<typeof invitationSchema>;
export const madeInvitationSchema = invitationSchema.extend({ link: z.string() });

export const deviceSchema = z.object({
  id: z.string(),
  device: z.string(),
  isShared: z.boolean(),
  beganAt: z.string(),
  endsAt: z.string(),
});
export type Device = z.infer<typeof deviceSchema>;

export const secondFactorSchema = z.object({ isOn: z.boolean(), recoveryCodesLeft: z.number() });
export type SecondFactorState = z.infer<typeof secondFactorSchema>;
/** The secret for an authenticator app: to be typed, and as an address in a picture. */
export const preparedFactorSchema = z.object({ secret: z.string(), address: z.string() });
export const recoveryCodesSchema = z.object({ recoveryCodes: z.array(z.string()) });

export const activitySchema = z.object({
  sequence: z.number(),
  at: z.string(),
  memberId: z.string().nullable(),
  did: z.string(),
  about: z.record(z.string(), z.string()),
});
export type Activity = z.infer<typeof activitySchema>;

export const ownedSchema = z.object({
  kind: z.enum(resourceNames),
  id: z.string(),
  memberId: z.string(),
  isShared: z.boolean(),
  /** of one’s own: to whom it is opened beside */
  openTo: z.array(z.object({ memberId: z.string(), mayWrite: z.boolean() })).optional(),
  /** of another’s: whether it is opened to be changed */
  mayWrite: z.boolean().optional(),
});
export type OpenTo = NonNullable<z.infer<typeof ownedSchema>['openTo']>[number];
export type Owned = z.infer<typeof ownedSchema>;

/** Cache tags of the club's answers. */
export const clubTags = [
  'members',
  'invitations',
  'devices',
  'secondFactor',
  'trail',
  'owners',
  'proposals',
  'claims',
  'shelves',
] as const;
