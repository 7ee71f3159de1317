import { colourOfHex } from '../../../light/colour/colourOfHex';
import { isAtHand } from '../../../written/pot/stock';
import { techniqueOf } from '../../../written/technique/techniques';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** A one-coat paint needs a ground that is somewhere at least this light, L*. Dark folds are meant. */
const paleFrom = 62;

/** A one-coat paint takes all its light from the ground, and this one has none. */
export const oneCoatGround = rule(4, ({ recipe, shelf, lines }) => {
  return lines.flatMap((line, index): Finding[] => {
    if (!techniqueOf(line.step.technique).takesItsLight) return [];
    const lightest = Math.max(...line.below.map(({ value }) => value));
    if (lightest >= paleFrom) return [];
    const palest = [...shelf.values()]
      .filter((pot) => pot.kind === 'primer' && isAtHand(pot) && pot.id !== recipe.groundPotId)
      .sort((one, other) => colourOfHex(other.swatch).value - colourOfHex(one.swatch).value)[0];
    const isWorthIt =
      index === 0 && !recipe.ground && palest && colourOfHex(palest.swatch).value >= paleFrom;
    return [
      {
        stepId: line.step.id,
        sentence: 'A one-coat paint has no light to show over a ground as dark as this.',
        figure: { value: lightest, unit: 'L* of the ground' },
        fixes: isWorthIt
          ? [{ label: `Prime with ${palest.name}`, changes: [{ do: 'ground', potId: palest.id }] }]
          : [],
      },
    ];
  });
});
