import { pinKey, type Kept, type Recipe, type Version } from '@yellow-ledger/core';

/** A recipe that another is painted on, as that one names it. */
export interface Ground {
  /** key of its pin */
  id: string;
  recipe: Recipe;
}

/** The grounds recipes are painted on, of all that is loaded; the same list while none of them changes. */
export function groundsIn(
  recipes: readonly Kept<Recipe>[] | undefined,
  versions: readonly Version[] | undefined,
): readonly Ground[] | undefined {
  if (!recipes || !versions) return undefined;
  const wanted = [
    ...recipes.map(({ content }) => content),
    ...versions.map(({ content }) => content),
  ].flatMap(({ ground }) => ground ?? []);
  const found = new Map<string, Ground>();
  for (const pin of wanted) {
    const recipe =
      pin.version === null
        ? recipes.find(({ content }) => content.id === pin.recipeId)?.content
        : versions.find(
            ({ recipeId, number }) => recipeId === pin.recipeId && number === pin.version,
          )?.content;
    if (recipe) found.set(pinKey(pin), { id: pinKey(pin), recipe });
  }
  return [...found.values()];
}

export const isSameGrounds = (one: unknown, other: unknown) =>
  Array.isArray(one) &&
  Array.isArray(other) &&
  one.length === other.length &&
  one.every((each: Ground, i) => {
    const also = other[i] as Ground;
    return each.id === also.id && each.recipe === also.recipe;
  });
