import { fingerprint, glazeFilm, pinKey, type Pot, type Recipe } from '@yellow-ledger/core';

/** Everything a recipe's ribbon may be predicted from. */
export interface RibbonSources {
  pots: ReadonlyMap<string, Pot>;
  /** finished surfaces that recipes go onto, by the key of their pin */
  grounds: ReadonlyMap<string, Recipe>;
  /** of the paint model */
  version: string;
}

/**
 * A key that changes with whatever a recipe's ribbon is predicted from: the recipe, the surfaces it
 * goes onto, the pots of all of them, the hand that glazes, and the version of the paint model.
 */
export function ribbonKey(recipe: Recipe, { pots, grounds, version }: RibbonSources): string {
  const surfaces = [recipe];
  for (let { ground } = recipe; ground;) {
    const below = grounds.get(pinKey(ground));
    if (!below || surfaces.includes(below)) break;
    surfaces.push(below);
    ground = below.ground;
  }
  const potIds = new Set(
    surfaces.flatMap(({ groundPotId, steps }) => [
      groundPotId,
      ...steps.flatMap(({ mix }) => mix.parts.flatMap((part) => partPotId(part) ?? [])),
    ]),
  );
  // The volume left in a pot changes with every coat but never the colour.
  const used = [...potIds].sort().map((id) => ({ ...pots.get(id), volumeMl: null }));
  return fingerprint([version, surfaces, used, glazeFilm([], pots)]);
}

const partPotId = (part: Recipe['steps'][number]['mix']['parts'][number]) =>
  part.from === 'pot' ? part.potId : undefined;
