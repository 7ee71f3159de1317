import { z } from 'zod';
import type { Pot } from '../written/pot/pot';
import { idSchema } from '../written/record/fields';
import { savedAtSchema } from '../written/record/revision';

/** A pot that a member lent to another, and got back. */
export const loanSchema = z.strictObject({
  id: idSchema,
  potId: idSchema,
  toId: z.string().describe('the member who has it'),
  lentAt: savedAtSchema,
  backAt: savedAtSchema.nullable().describe('empty while it is lent'),
});
export type Loan = z.infer<typeof loanSchema>;

/** The member who brings a pot for an army to the next evening. */
export const bringSchema = z.strictObject({
  armyId: idSchema,
  potId: idSchema,
  memberId: z.string(),
});
export type Bring = z.infer<typeof bringSchema>;

export const lendingSchema = loanSchema.pick({ potId: true, toId: true });
export const bringingSchema = bringSchema
  .omit({ memberId: true })
  .extend({ is: z.enum(['brought', 'left'], { error: 'brought or left' }) });

/** Somebody who has a paint: a member, or the club where there is none. */
export interface Holder {
  potId: string;
  /** whose it is; null: the club’s */
  ownerId: string | null;
  /** who has it now, where it is lent; else null */
  lentToId: string | null;
}

/**
 * The owners of a paint, in whichever bottle of it: every pot of its name and kind that is not retired, the
 * one that is asked for first.
 *
 * @param ownerOf whose a pot is; null: the club’s
 */
export function whoHas(
  pot: Pot,
  pots: readonly Pot[],
  ownerOf: (potId: string) => string | null,
  loans: readonly Loan[],
): Holder[] {
  const nameOf = ({ name, kind }: Pot) => `${kind} ${name.trim().toLocaleLowerCase()}`;
  const asked = nameOf(pot);
  const lentTo = new Map(
    loans.flatMap(({ potId, toId, backAt }) => (backAt === null ? [[potId, toId] as const] : [])),
  );
  return [pot, ...pots.filter(({ id }) => id !== pot.id)]
    .filter((each) => nameOf(each) === asked && !each.retired)
    .map(({ id }) => ({
      potId: id,
      ownerId: ownerOf(id),
      lentToId: lentTo.get(id) ?? null,
    }));
}
