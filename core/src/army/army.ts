import { z } from 'zod';
import { carriedFields } from '../record/carriedFields';
import {
  idSchema,
  lineOfText,
  numberWithin,
  pageOfText,
  wholeNumberWithin,
} from '../record/fields';
import { formNames } from '../recipe/formNames';
import { surfaces } from '../recipe/recipe';

/** Sizes of figures with the area a brush goes over, cm². Starting points, to be overwritten. */
export const sizeClasses = [
  { name: 'small', tells: 'a swarm, a child, a bird', areaCm2: 10 },
  { name: 'foot', tells: 'one figure on foot', areaCm2: 24 },
  { name: 'large foot', tells: 'a brute, a figure in bulky armour', areaCm2: 45 },
  { name: 'mounted', tells: 'rider and mount', areaCm2: 80 },
  { name: 'beast', tells: 'a beast or engine as large as a fist', areaCm2: 220 },
] as const;

export type SizeClass = (typeof sizeClasses)[number]['name'];

const sizeNames = sizeClasses.map(({ name }) => name);

/** The recipe a surface is painted by, pinned to a version; null is the page as it is now. */
export const recipePinSchema = z.strictObject({
  recipeId: idSchema,
  version: z.union([wholeNumberWithin(1, 9999), z.null()]),
});

export type RecipePin = z.infer<typeof recipePinSchema>;

/** One surface of every model of a unit. */
export const unitSurfaceSchema = z.strictObject({
  id: idSchema,
  name: lineOfText,
  surface: z.enum(surfaces, { error: `one of ${surfaces.join(', ')}` }),
  share: numberWithin(0, 1).describe('of the area of the model'),
  form: z.enum(formNames, { error: `one of ${formNames.join(', ')}` }).optional(),
  recipe: recipePinSchema
    .optional()
    .describe('its own recipe; where not said, the one the army has for its kind of surface'),
  isHidden: z
    .boolean({ error: 'true or false' })
    .optional()
    .describe('nobody sees it once the model is put together'),
});

export type UnitSurface = z.infer<typeof unitSurfaceSchema>;

/** Something to be counted off on every model, so that none is missed. */
export const partSchema = z.strictObject({
  id: idSchema,
  name: lineOfText,
  count: z
    .union([wholeNumberWithin(1, 999), z.null()], {
      error: 'a whole number from 1 to 999, or empty',
    })
    .describe('on one model; null for many'),
});

export type Part = z.infer<typeof partSchema>;

export const mostModels = 2000;

/** Models of one make, painted by one scheme. */
export const unitSchema = z.strictObject({
  id: idSchema,
  name: lineOfText,
  models: wholeNumberWithin(1, mostModels),
  size: z.enum(sizeNames, { error: `one of ${sizeNames.join(', ')}` }),
  areaCm2: numberWithin(0.5, 5000).describe('a brush goes over on one model, cm²'),
  surfaces: z
    .array(unitSurfaceSchema, { error: 'a list of surfaces' })
    .max(40, 'at most 40 surfaces'),
  parts: z.array(partSchema, { error: 'a list of parts' }).max(60, 'at most 60 parts'),
});

export type Unit = z.infer<typeof unitSchema>;

/** Units that belong together, and the recipes they share. */
export const armySchema = z.strictObject({
  id: idSchema,
  name: lineOfText,
  scheme: z
    .array(
      z.strictObject({
        surface: z.enum(surfaces, { error: `one of ${surfaces.join(', ')}` }),
        recipe: recipePinSchema,
      }),
    )
    .max(surfaces.length, 'each kind of surface once')
    .describe('the recipe of each kind of surface, where a unit has none of its own'),
  units: z.array(unitSchema, { error: 'a list of units' }).max(100, 'at most 100 units'),
  notes: pageOfText,
  more: carriedFields,
});

export type Army = z.infer<typeof armySchema>;

/** The recipe a unit's surface is painted by: its own, else the army's; null where neither is said. */
export function pinOf({ scheme }: Army, { surface, recipe }: UnitSurface): RecipePin | null {
  return recipe ?? scheme.find((each) => each.surface === surface)?.recipe ?? null;
}

/** Share of the model that its surfaces name in all; 1 where nothing is left over. */
export function sharesOf({ surfaces: all }: Pick<Unit, 'surfaces'>): number {
  return all.reduce((sum, { share }) => sum + share, 0);
}

/** Shares add up when they are this near to 1. */
export const sharesWithin = 0.005;

/** The same surfaces with shares that add up to 1, in their proportions; even ones where all are 0. */
export function evenedOut(unit: Unit): Unit {
  const sum = sharesOf(unit);
  const even = unit.surfaces.map((each) => ({
    ...each,
    share: sum > 0 ? each.share / sum : 1 / unit.surfaces.length,
  }));
  return { ...unit, surfaces: even };
}
