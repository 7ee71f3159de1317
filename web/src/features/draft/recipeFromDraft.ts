import {
  lineLimit,
  schools,
  type Pot,
  type Progression,
  type ProgressionOptions,
  type Recipe,
} from '@yellow-ledger/core';

/** A drafted progression as a recipe of its own, named after its mid tone and its way. */
export function recipeFromDraft(
  { steps, groundPotId, school, spots, notes }: Progression,
  { mid, finishLevel, form }: ProgressionOptions,
  pots: readonly Pot[],
): Recipe {
  const midName =
    mid.from === 'pot' ? (pots.find(({ id }) => id === mid.potId)?.name ?? 'Draft') : mid.hex;
  return {
    id: crypto.randomUUID(),
    name: `${midName}, ${schools[school].label}`.slice(0, lineLimit),
    surface: 'cloth',
    groundPotId,
    finishLevel,
    models: 6,
    areaCm2: 8,
    steps,
    notes: notes.join('\n'),
    archived: false,
    ...(form && { form }),
    ...(spots.length > 0 && { spots }),
  };
}
