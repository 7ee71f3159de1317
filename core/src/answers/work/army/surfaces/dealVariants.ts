import { pinOf, type Army, type OwnRecipe, type Unit, type UnitSurface } from '../army';
import { pinKey, type RecipePin } from '../../../../written/recipe/recipePin';
import { randomFrom } from '../../../../written/record/randomFrom';

/** The recipes one model has for the surfaces that vary, in the order of `variedSurfaces`. */
type Hand = number[];

/** More ways than this to combine variants are not looked through one by one. */
const mostWays = 4000;

/** Weights of the wishes when the next model is dealt its hand: the first two before all else. */
const worth = {
  /** it clashes: what is dealt does not belong together */
  unfit: 1e9,
  /** a surface like the neighbour’s in the line */
  likeNeighbour: 1e6,
  /** a model there is already, for each there is */
  twin: 20,
  /** a surface like that of the model before or behind it in ranks of one width */
  likeInRanks: 6,
  /** a recipe that has been dealt more often than the others, for each time */
  often: 3,
  /** the same where shares are wished */
  oftenAsWished: 60,
  /** what is as good is dealt by chance: a pattern is seen sooner than a repetition */
  chance: 9,
};

/** Models people stand beside each other in a rank. */
const rankWidths = [3, 4, 5, 6];
/** Deals that are tried; the one with the fewest that look alike is kept. */
const attempts = 12;

/** Surfaces that are dealt several recipes. */
export function variedSurfaces({ surfaces }: Pick<Unit, 'surfaces'>): UnitSurface[] {
  return surfaces.filter(({ variants }) => variants && variants.length > 0);
}

/** The recipes that are dealt for a surface: its own, then its variants, each once. */
export function dealtRecipes(army: Pick<Army, 'scheme'>, surface: UnitSurface): RecipePin[] {
  return dealtWithShares(army, surface).map(({ recipe }) => recipe);
}

/** The recipes that are dealt for a surface, each with how often it is beside the others. */
export function dealtWithShares(
  army: Pick<Army, 'scheme'>,
  surface: UnitSurface,
): { recipe: RecipePin; share: number }[] {
  const all = [pinOf(army, surface), ...(surface.variants ?? [])].flatMap((recipe, i) =>
    recipe ? [{ recipe, share: surface.shares?.[i] ?? 1 }] : [],
  );
  return all.filter(
    ({ recipe }, i) => all.findIndex((other) => pinKey(other.recipe) === pinKey(recipe)) === i,
  );
}

/**
 * Deals the variants of a unit out over its models by chance, so that neighbours in the line differ
 * on every surface that varies, as few as can be look like who stands before them in ranks three to
 * six wide, no two models are twins while there are other ways, and each recipe is dealt about as
 * often as its share asks. The same seed deals the same.
 *
 * @param fits whether recipes belong together on one model, in the order of `variedSurfaces`; deals
 *   that do not are dealt only where nothing else is left
 * @returns the recipes of each model that are not its unit’s
 */
export function dealVariants(
  army: Pick<Army, 'scheme'>,
  unit: Unit,
  seed: number,
  fits: (recipes: readonly RecipePin[]) => boolean = () => true,
): OwnRecipe[] {
  const varied = variedSurfaces(unit);
  const choices = varied.map((surface) => dealtWithShares(army, surface));
  const recipes = choices.map((each) => each.map(({ recipe }) => recipe));
  const weights = choices.map((each) => {
    const mean = each.reduce((sum, { share }) => sum + share, 0) / Math.max(1, each.length);
    return each.map(({ share }) => share / mean);
  });
  // Wished shares hold more firmly than what happens to be even.
  const often = choices.some((each) => each.some(({ share }) => share !== each[0].share))
    ? worth.oftenAsWished
    : worth.often;
  const random = randomFrom(seed);
  const ways = shuffled(waysToCombine(recipes), random).slice(0, mostWays);
  const isUnfit = ways.map((way) => !fits(way.map((choice, i) => recipes[i][choice])));
  const deals = Array.from({ length: attempts }, () => dealOnce(unit.models));
  const dealt = deals.reduce((best, deal) => (deal.cost < best.cost ? deal : best)).hands;
  return dealt.flatMap((hand, model) =>
    hand.flatMap((choice, place) =>
      choice === 0
        ? []
        : [{ model: model + 1, surfaceId: varied[place].id, recipe: recipes[place][choice] }],
    ),
  );

  /** One deal, model by model, with what it costs but for chance. */
  function dealOnce(models: number): { hands: Hand[]; cost: number } {
    const timesDealt = ways.map(() => 0);
    const timesOf = recipes.map((each) => each.map(() => 0));
    const hands: Hand[] = [];
    let sum = 0;
    for (let model = 0; model < models; model++) {
      const costs = ways.map((way, i) => {
        const like = (other: Hand | undefined) =>
          other ? way.filter((choice, place) => other[place] === choice).length : 0;
        return (
          (isUnfit[i] ? worth.unfit : 0) +
          worth.likeNeighbour * like(hands[model - 1]) +
          worth.twin * timesDealt[i] +
          worth.likeInRanks * rankWidths.reduce((all, wide) => all + like(hands[model - wide]), 0) +
          often *
            way.reduce(
              (all, choice, place) => all + (timesOf[place][choice] + 0.5) / weights[place][choice],
              0,
            )
        );
      });
      const drawn = costs.map((cost) => cost + worth.chance * random());
      const chosen = drawn.indexOf(Math.min(...drawn));
      hands.push(ways[chosen]);
      sum += costs[chosen];
      timesDealt[chosen]++;
      ways[chosen].forEach((choice, place) => timesOf[place][choice]++);
    }
    return { hands, cost: sum };
  }
}

/** Models that look like the one before them in the line on a surface that varies. */
export function likeNeighbours(
  army: Pick<Army, 'scheme'>,
  unit: Unit,
): { model: number; surfaceId: string }[] {
  const varied = variedSurfaces(unit);
  const key = (surface: UnitSurface, model: number) => pinKey(pinOf(army, surface, unit, model));
  return Array.from({ length: Math.max(0, unit.models - 1) }, (_, i) => i + 2).flatMap((model) =>
    varied.flatMap((surface) =>
      key(surface, model) === key(surface, model - 1) ? [{ model, surfaceId: surface.id }] : [],
    ),
  );
}

/** The recipes with one surface of one model given another; null gives it the unit’s again. */
export function withOwnRecipe(
  own: readonly OwnRecipe[],
  model: number,
  surfaceId: string,
  recipe: RecipePin | null,
): OwnRecipe[] {
  const rest = own.filter((each) => each.model !== model || each.surfaceId !== surfaceId);
  return recipe ? [...rest, { model, surfaceId, recipe }] : rest;
}

function waysToCombine(recipes: readonly RecipePin[][]): Hand[] {
  let ways: Hand[] = [[]];
  for (const choices of recipes) {
    if (ways.length * choices.length > mostWays * 4) break;
    ways = ways.flatMap((way) => choices.map((_, choice) => [...way, choice]));
  }
  // Surfaces left over when there are too many ways keep the unit's recipe.
  return ways.map((way) => recipes.map((_, place) => way[place] ?? 0));
}

function shuffled<Thing>(things: readonly Thing[], random: () => number): Thing[] {
  const left = [...things];
  return things.map(() => left.splice(Math.floor(random() * left.length), 1)[0]);
}
