import { z } from 'zod';
import { idSchema, pageOfText } from '../written/record/fields';
import { savedAtSchema } from '../written/record/revision';
import { recipeSchema } from '../written/recipe/recipe';

const someWords = pageOfText.min(1, 'some words');

/** A remark on a proposal, or on one line of it. */
export const remarkSchema = z.strictObject({
  id: idSchema,
  stepId: idSchema.nullable().describe('the line it is about; all of it where there is none'),
  memberId: z.string().nullable().describe('empty once they have left'),
  madeAt: savedAtSchema,
  words: someWords,
});
export type ProposalRemark = z.infer<typeof remarkSchema>;

export const proposalStates = ['open', 'approved', 'declined'] as const;

/** A recipe that a member proposes to the club: as the next version of one of its recipes, or as a new one. */
export const proposalSchema = z.strictObject({
  id: idSchema,
  targetId: idSchema.nullable().describe('the club recipe; empty for a new one'),
  memberId: z.string().nullable().describe('empty once they have left'),
  madeAt: savedAtSchema,
  words: pageOfText.describe('what it is to be better at'),
  content: recipeSchema.describe('as it was when it was proposed'),
  state: z.enum(proposalStates, { error: `one of ${proposalStates.join(', ')}` }),
  decidedBy: z.string().nullable(),
  decidedAt: savedAtSchema.nullable(),
  reason: pageOfText.nullable(),
  version: z.number().int().nullable().describe('the club version it became'),
  remarks: z.array(remarkSchema),
});
export type Proposal = z.infer<typeof proposalSchema>;

/** A request to propose a recipe. */
export const proposingSchema = proposalSchema.pick({ targetId: true, words: true, content: true });
export const remarkingSchema = remarkSchema.pick({ stepId: true, words: true });
export const decliningSchema = z.strictObject({ reason: someWords });
/** The revision the manager has looked at: a recipe that was changed since is not written over. */
export const approvingSchema = z.strictObject({
  revision: z.number().int().min(0).describe('of the club recipe; 0 for a new one'),
});
