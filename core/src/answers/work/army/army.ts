import { z } from 'zod';
import { carriedFields } from '../../../written/record/carriedFields';
import {
  idSchema,
  lineOfText,
  numberWithin,
  pageOfText,
  wholeNumberWithin,
} from '../../../written/record/fields';
import { formNames } from '../../../written/place/forms';
import { surfaces } from '../../../written/technique/surfaceNames';
import { batchSchema } from './batch';
import { figurePlaceNames } from './figurePlaces';
import { maxOvers, overSchema } from './surfaces/over';
import { pinKey, recipePinSchema, type RecipePin } from '../../../written/recipe/recipePin';

/** Sizes of figures with the area a brush goes over, cm². Starting points, to be overwritten. */
export const sizeClasses = [
  { name: 'small', tells: 'a swarm, a child, a bird', areaCm2: 10 },
  { name: 'foot', tells: 'one figure on foot', areaCm2: 24 },
  { name: 'large foot', tells: 'a brute, a figure in bulky armour', areaCm2: 45 },
  { name: 'mounted', tells: 'rider and mount', areaCm2: 80 },
  { name: 'beast', tells: 'a beast or engine as large as a fist', areaCm2: 220 },
] as const;

const sizeNames = sizeClasses.map(({ name }) => name);

export const mostModels = 2000;

/** Parts of a surface that can wait until all else on the model is done. */
export const holdsBack = ['details', 'the whole surface'] as const;

/** One surface of every model of a unit. */
/** A recipe is dealt at most so many times as often as another. */
export const mostShare = 9;

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
  subAssembly: lineOfText
    .optional()
    .describe('painted apart from the rest, together with what says the same here'),
  holdBack: z
    .enum(holdsBack, { error: `one of ${holdsBack.join(', ')}` })
    .optional()
    .describe('what waits until all else on the model is done; varnish always does'),
  places: z
    .array(z.enum(figurePlaceNames, { error: `one of ${figurePlaceNames.join(', ')}` }))
    .max(figurePlaceNames.length, 'each place once')
    .optional()
    .describe('where it lies on the figure; as its kind usually does where not said'),
  variants: z
    .array(recipePinSchema, { error: 'a list of recipes' })
    .max(12, 'at most 12 variants')
    .optional()
    .describe('recipes dealt out over the models beside the one it has'),
  shares: z
    .array(wholeNumberWithin(1, mostShare), { error: 'a list of whole numbers from 1 to 9' })
    .max(13, 'one for its own recipe and one for each variant')
    .optional()
    .describe(
      'how often each is dealt beside the others: its own recipe, then each variant; 1 where not said',
    ),
});

export type UnitSurface = z.infer<typeof unitSurfaceSchema>;

/** The recipe of one surface of one model, where it differs from its unit’s. */
export const ownRecipeSchema = z.strictObject({
  model: wholeNumberWithin(1, mostModels).describe('its place in the line of the unit, from 1'),
  surfaceId: idSchema,
  recipe: recipePinSchema,
});

export type OwnRecipe = z.infer<typeof ownRecipeSchema>;

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
  own: z
    .array(ownRecipeSchema, { error: 'a list of recipes of single models' })
    .max(20_000, 'at most 20,000 recipes of single models')
    .optional(),
  dealSeed: wholeNumberWithin(0, 999_999)
    .optional()
    .describe('what the variants were dealt by; the same number deals the same again'),
  overs: z
    .array(overSchema, { error: 'a list of recipes over several surfaces' })
    .max(maxOvers, `at most ${maxOvers} recipes over several surfaces`)
    .optional()
    .describe('what goes over surfaces once they are painted, in order'),
});

export type Unit = z.infer<typeof unitSchema>;

/** Recipes of single models in an army, at most: some for each of its two thousand. */
const mostOwn = 20_000;
/** Recipes dealt out in an army, at most. */
const mostVariants = 4000;

const countOf = (units: readonly Unit[], listed: (unit: Unit) => number) =>
  units.reduce((sum, unit) => sum + listed(unit), 0);

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
  units: z
    .array(unitSchema, { error: 'a list of units' })
    .max(100, 'at most 100 units')
    .refine(
      (units) => countOf(units, ({ own = [] }) => own.length) <= mostOwn,
      `units with at most ${mostOwn.toLocaleString('en')} recipes of single models`,
    )
    .refine(
      (units) =>
        countOf(units, ({ surfaces: all }) =>
          all.reduce((sum, { variants = [] }) => sum + variants.length, 0),
        ) <= mostVariants,
      `units with at most ${mostVariants.toLocaleString('en')} variants`,
    )
    .refine(
      (units) =>
        units.every(({ surfaces: all, overs = [] }) => {
          const ids = [...all, ...overs].map(({ id }) => id);
          return overs.length === 0 || new Set(ids).size === ids.length;
        }),
      'units in which what goes over surfaces has identifiers of its own',
    ),
  plans: z.array(batchSchema, { error: 'a list of plans' }).max(20, 'at most 20 plans').optional(),
  notes: pageOfText,
  more: carriedFields,
});

export type Army = z.infer<typeof armySchema>;

/**
 * The recipe a surface is painted by: the model's own, else the unit's, else the army's for its
 * kind; null where none is said.
 *
 * @param model place in the line of the unit, from 1; the unit's own recipe where not said
 */
export function pinOf(
  { scheme }: Pick<Army, 'scheme'>,
  { id, surface, recipe, over }: UnitSurface & { over?: readonly string[] },
  { own }: Pick<Unit, 'own'> = {},
  model?: number,
): RecipePin | null {
  const ofModel = own && model !== undefined ? ownByModel(own).get(`${model} ${id}`) : undefined;
  // An effect over surfaces is no kind of surface.
  const ofKind = over ? undefined : scheme.find((each) => each.surface === surface)?.recipe;
  return ofModel ?? recipe ?? ofKind ?? null;
}

/** Lists of thousands are gone through once and not for every model; forgotten with their unit. */
const knownOwn = new WeakMap<readonly OwnRecipe[], ReadonlyMap<string, RecipePin>>();

function ownByModel(own: readonly OwnRecipe[]): ReadonlyMap<string, RecipePin> {
  const known = knownOwn.get(own);
  if (known) return known;
  const byModel = new Map(
    // Where a model stands there twice the first counts.
    own.toReversed().map(({ model, surfaceId, recipe }) => [`${model} ${surfaceId}`, recipe]),
  );
  knownOwn.set(own, byModel);
  return byModel;
}

/** The models of a unit that paint a surface by the same recipe, by the recipe; the unit's first. */
export function modelsByPin(
  army: Pick<Army, 'scheme'>,
  unit: Unit,
  surface: UnitSurface & { over?: readonly string[] },
): { pin: RecipePin | null; models: number[] }[] {
  const ofUnit = { pin: pinOf(army, surface), models: [] as number[] };
  const groups = new Map([[pinKey(ofUnit.pin), ofUnit]]);
  const own = new Map(
    unit.own?.flatMap((each) => (each.surfaceId === surface.id ? [[each.model, each.recipe]] : [])),
  );
  for (let model = 1; model <= unit.models; model++) {
    const pin = own.get(model) ?? ofUnit.pin;
    const group = groups.get(pinKey(pin)) ?? { pin, models: [] };
    groups.set(pinKey(pin), group);
    group.models.push(model);
  }
  return [...groups.values()].filter(({ models }) => models.length > 0);
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

/** The unit of an army with an id; undefined where there is none. */
export const unitOf = ({ units }: Pick<Army, 'units'>, unitId: string | undefined) =>
  units.find(({ id }) => id === unitId);
