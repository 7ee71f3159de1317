import { z } from 'zod';
import type { Army } from '../../army/army';
import type { Batch } from '../../army/batch';
import type { OwnFigures } from '../../army/ownFigures';
import type { Recipe } from '../../../../written/recipe/recipe';
import { potIdsOf } from '../../../../written/recipe/recipe';
import type { Shelf } from '../../../../predicted/paint/mixedPaint';
import { carriedFields } from '../../../../written/record/carriedFields';
import { idSchema } from '../../../../written/record/fields';
import { fingerprint } from '../../../../written/record/fingerprint';
import { savedAtSchema } from '../../../../written/record/revision';
import type { PaintedBefore } from '../paintedBefore';
import { plannedWorkSchema } from '../plannedWork';

const mark = z.string({ error: 'a fingerprint' }).regex(/^[0-9a-f]{1,20}$/, 'a fingerprint');

/** Fingerprints of the inputs of a plan: when one differs, the plan is out of date. */
const madeFromSchema = z.strictObject({
  army: mark,
  plan: mark,
  recipes: mark,
  pots: mark,
  figures: mark,
  painted: mark,
});

export type MadeFrom = z.infer<typeof madeFromSchema>;

/** A plan as it was made: kept, so that everybody sees the same one whenever they look. */
export const timetableSchema = z.strictObject({
  id: idSchema.describe('of the plan'),
  armyId: idSchema,
  madeAt: savedAtSchema,
  madeFrom: madeFromSchema,
  isThrough: z
    .boolean({ error: 'true or false' })
    .describe('it was looked for as long as it was worth it, and not cut off'),
  work: plannedWorkSchema,
  more: carriedFields,
});

export type Timetable = z.infer<typeof timetableSchema>;

const words: Record<keyof MadeFrom, string> = {
  army: 'the army',
  plan: 'the plan',
  recipes: 'a recipe',
  pots: 'a pot',
  figures: 'your own timings',
  painted: 'what is painted',
};

/** The inputs of a plan now. @param recipes those its models are painted by */
export function madeFrom(
  { units, scheme }: Army,
  { name: _name, ...plan }: Batch,
  recipes: readonly Recipe[],
  shelf: Shelf,
  own: OwnFigures,
  painted: PaintedBefore,
): MadeFrom {
  const potIds = [...new Set(recipes.flatMap(potIdsOf))].sort();
  return {
    army: fingerprint([units.map(({ name: _unit, parts: _parts, ...unit }) => unit), scheme]),
    plan: fingerprint(plan),
    recipes: fingerprint(recipes.map(({ steps, finishLevel, form }) => [steps, finishLevel, form])),
    pots: fingerprint(potIds.map((id) => potFigures(shelf, id))),
    figures: fingerprint(own),
    painted: fingerprint(
      [...painted].map(([key, { coats, ...wet }]) => [key, [...coats].sort(), wet]).sort(),
    ),
  };
}

function potFigures(shelf: Shelf, potId: string) {
  const pot = shelf.get(potId);
  return [potId, pot?.driesAs, pot?.flow, pot?.kind];
}

/** The changes since a plan was made, in words. @example ['a recipe', 'what is painted'] */
export function changedSince(then: MadeFrom, now: MadeFrom): string[] {
  return (Object.keys(words) as (keyof MadeFrom)[]).flatMap((part) =>
    then[part] === now[part] ? [] : [words[part]],
  );
}
