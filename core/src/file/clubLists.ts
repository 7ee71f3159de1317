import { brings } from '../catalogue/brings';
import { claims } from '../catalogue/claims';
import { loans } from '../catalogue/loans';
import { members } from '../catalogue/members';
import { proposals } from '../catalogue/proposals';
import type { Bring } from '../club/loan';
import type { Claim } from '../club/claim';

/** Lists that only the file of a whole club has; members come first, as the others name them. */
export const clubLists = {
  members: members.schema,
  proposals: proposals.schema,
  claims: claims.schema,
  loans: loans.schema,
  brings: brings.schema,
} as const;

export type ClubListName = keyof typeof clubLists;
export const clubListNames = Object.keys(clubLists) as ClubListName[];

export const isClubList = (name: string): name is ClubListName => name in clubLists;

/** The key by which records of such a list differ. */
export function idInClubList(list: ClubListName, record: object): string {
  if (list === 'claims') {
    const { armyId, unitId, model } = record as Claim;
    return `${armyId} ${unitId} ${model}`;
  }
  if (list === 'brings') {
    const { armyId, potId } = record as Bring;
    return `${armyId} ${potId}`;
  }
  return (record as { id: string }).id;
}
