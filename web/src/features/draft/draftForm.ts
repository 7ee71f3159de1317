import {
  progressionOptionsSchema,
  type Pot,
  type ProgressionOptions,
  type SchoolName,
} from '@yellow-ledger/core';
import { z } from 'zod';

/** The questions of the page: one set of wishes for all the ways drafted side by side. */
export const draftFormSchema = progressionOptionsSchema.omit({ school: true, mid: true }).extend({
  midFrom: z.enum(['pot', 'colour']),
  midPotId: z.string(),
  midHex: z.string(),
});

export type DraftForm = z.infer<typeof draftFormSchema>;

export function optionsOf(
  school: SchoolName,
  { midFrom, midPotId, midHex, ...rest }: DraftForm,
): ProgressionOptions {
  return {
    school,
    mid: midFrom === 'pot' ? { from: 'pot', potId: midPotId } : { from: 'colour', hex: midHex },
    ...rest,
  };
}

/** Wishes to begin with: the shelf's first paint; null where there is no primer or no paint. */
export function firstDraftForm(pots: readonly Pot[]): DraftForm | null {
  const primer = pots.find(({ kind, retired }) => kind === 'primer' && !retired);
  const paint = pots.find(({ kind, retired }) => kind === 'paint' && !retired);
  if (!primer || !paint) return null;
  return {
    midFrom: 'pot',
    midPotId: paint.id,
    midHex: paint.swatch,
    groundPotId: primer.id,
    darks: 2,
    lights: 3,
    shadeWith: 'warmBrown',
    lightenWith: 'bone',
    thinWith: 'water',
    finishLevel: 'table',
  };
}
