export { alsoPaintedOn, atTheTable, type AlsoOnIt, type AtTheTable } from './atTheTable';
export { isForgotten, waitBefore, withoutOne, withWrong, type Attempts } from './attempts';
export { claimingSchema, claimSchema, type Claim } from './claim';
export {
  bringingSchema,
  bringSchema,
  lendingSchema,
  loanSchema,
  whoHas,
  type Bring,
  type Holder,
  type Loan,
} from './loan';
export { likeness, memberNameSchema } from './memberName';
export { passphraseSchema } from './passphrase';
export {
  approvingSchema,
  decliningSchema,
  proposalSchema,
  proposingSchema,
  remarkingSchema,
  type Proposal,
  type ProposalRemark,
} from './proposal';
export { relations, roleLabel, roleNames, roles, type Relation, type Role } from './roles';
