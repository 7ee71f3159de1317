import { z } from 'zod';
import { unitSchema, type Army, type Unit } from '../army/army';
import { modelsSchema } from '../army/batch';
import { maxOvers } from '../army/surfaces/over';
import type { RecipeOf } from '../army/paintNeeded';
import { pinKey } from '../../../written/recipe/recipePin';
import { rooms } from '../../palette/staysUsable';
import { keepings } from '../../palette/well';
import { carriedFields } from '../../../written/record/carriedFields';
import { idSchema, lineOfText } from '../../../written/record/fields';
import { savedAtSchema } from '../../../written/record/revision';
import { cappedAt } from '../../../written/recipe/cappedAt';
import { finishLevelSchema } from '../../../written/recipe/step';
import { recipeSchema, type Recipe } from '../../../written/recipe/recipe';

/** The models on the table: of an army, or of none. */
export const benchSchema = z
  .strictObject({
    id: idSchema,
    name: lineOfText,
    startedAt: savedAtSchema,
    isCleared: z.boolean({ error: 'true or false' }).describe('put away; its log stays'),
    armyId: idSchema.optional().describe('the army its models belong to'),
    models: z
      .array(modelsSchema, { error: 'a list of models' })
      .max(100, 'at most 100 runs of models')
      .describe('which models of the army; all of it where there are none'),
    loose: z
      .strictObject({
        unit: unitSchema,
        recipes: z
          .array(recipeSchema, { error: 'a list of recipes' })
          .max(40, 'at most 40 recipes')
          .describe('recipes that are only here, as one model was really painted'),
      })
      .optional()
      .describe('models that belong to no army, with their scheme'),
    room: z.enum(rooms, { error: `one of ${rooms.join(', ')}` }),
    keeping: z.enum(keepings, { error: `one of ${keepings.join(', ')}` }),
    hairDryer: z.boolean({ error: 'true or false' }),
    standard: finishLevelSchema
      .optional()
      .describe('nothing is painted beyond this standard; what the recipes say where not said'),
    more: carriedFields,
  })
  .refine(({ armyId, loose }) => (armyId === undefined) !== (loose === undefined), {
    path: ['armyId'],
    message: 'either an army or models of their own, and not both',
  });

export type Bench = z.infer<typeof benchSchema>;

/** The data a bench is worked out from: its own models as an army of one unit, or those of its army. */
export function armyOnBench(bench: Bench, army: Army | null): Army | null {
  if (!bench.loose) return army;
  return { id: bench.id, name: bench.name, scheme: [], units: [bench.loose.unit], notes: '' };
}

/** Recipes that are only on the bench, before those of the ledger; none beyond the bench's standard. */
export function recipesOnBench({ loose, standard }: Bench, recipeOf: RecipeOf): RecipeOf {
  const own = new Map(
    loose?.recipes.map((recipe) => [pinKey({ recipeId: recipe.id, version: null }), recipe]),
  );
  return (pin) => {
    const recipe = own.get(pinKey(pin)) ?? recipeOf(pin);
    return recipe && cappedAt(recipe, standard);
  };
}

/** One surface painted by one recipe, as a unit of its own. */
export function looseUnit(
  name: string,
  recipe: z.infer<typeof recipeSchema>,
  version: number | null,
  models: number,
): Unit {
  return {
    id: 'loose',
    name,
    models,
    size: 'foot',
    areaCm2: recipe.areaCm2,
    surfaces: [
      {
        id: 'surface',
        name: recipe.surface,
        surface: recipe.surface,
        share: 1,
        recipe: { recipeId: recipe.id, version },
        ...(recipe.form && { form: recipe.form }),
      },
    ],
    parts: [],
  };
}

/**
 * One figure from recipes, a surface for each, as large as each says; a recipe that goes onto one of
 * the others goes over its surface.
 *
 * @param recipes at least one
 */
export function looseFigure(name: string, recipes: readonly Recipe[], models: number): Unit {
  const byId = new Map(recipes.map((recipe) => [recipe.id, recipe]));
  const below = ({ ground }: Recipe) => byId.get(ground?.recipeId ?? '');
  const onNothing = recipes.filter((recipe) => !below(recipe));
  const surfaces = onNothing.length > 0 ? onNothing : recipes;
  const overs = recipes.filter((recipe) => !surfaces.includes(recipe)).slice(0, maxOvers);
  const areaCm2 = surfaces.reduce((sum, recipe) => sum + recipe.areaCm2, 0);
  const idOf = (recipe: Recipe) => `part-${recipes.indexOf(recipe) + 1}`;
  const pinTo = ({ id }: Recipe) => ({ recipeId: id, version: null });
  return {
    id: 'loose',
    name,
    models,
    size: 'foot',
    areaCm2: Math.min(5000, Math.max(0.5, areaCm2)),
    surfaces: surfaces.map((recipe) => ({
      id: idOf(recipe),
      name: recipe.name,
      surface: recipe.surface,
      share: recipe.areaCm2 / areaCm2,
      recipe: pinTo(recipe),
      ...(recipe.form && { form: recipe.form }),
    })),
    parts: [],
    ...(overs.length > 0 && {
      overs: overs.map((recipe) => ({
        id: idOf(recipe),
        name: recipe.name,
        recipe: pinTo(recipe),
        surfaces: [idOf(lowestOf(recipe, below))],
      })),
    }),
  };
}

/** The recipe another stands on at last. */
function lowestOf(recipe: Recipe, below: (recipe: Recipe) => Recipe | undefined): Recipe {
  const seen = new Set<Recipe>();
  let lowest = recipe;
  for (let next = below(lowest); next && !seen.has(next); next = below(lowest)) {
    seen.add(next);
    lowest = next;
  }
  return lowest;
}
