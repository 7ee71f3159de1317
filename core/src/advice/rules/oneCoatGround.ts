import { colourOfHex } from '../../colour/colourOfHex';
import { isAtHand } from '../../paint/stock';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** A one-coat paint needs a ground at least this light, and no more uneven than this, L*. */
const paleFrom = 62;
const evenUpTo = 22;

/** A one-coat paint takes all its light from the ground: a dark or uneven one spoils it. */
export const oneCoatGround = rule(4, ({ recipe, shelf, lines }) => {
  return lines.flatMap((line, index): Finding[] => {
    if (line.step.technique !== 'oneCoat') return [];
    const values = line.below.map(({ value }) => value);
    const darkest = Math.min(...values);
    const uneven = Math.max(...values) - darkest;
    const isDark = Math.max(...values) < paleFrom;
    if (!isDark && uneven <= evenUpTo) return [];
    const palest = [...shelf.values()]
      .filter((pot) => pot.kind === 'primer' && isAtHand(pot) && pot.id !== recipe.groundPotId)
      .sort((one, other) => colourOfHex(other.swatch).value - colourOfHex(one.swatch).value)[0];
    const isWorthIt = index === 0 && palest && colourOfHex(palest.swatch).value >= paleFrom;
    return [
      {
        stepId: line.step.id,
        sentence: isDark
          ? `A one-coat paint has no light to show over a ground of L* ${Math.round(Math.max(...values))}.`
          : `The ground is uneven by ${Math.round(uneven)} L*, and a one-coat paint shows all of it.`,
        figure: isDark
          ? { value: Math.max(...values), unit: 'L* of the ground' }
          : { value: uneven, unit: 'L* uneven' },
        fixes: isWorthIt
          ? [{ label: `Prime with ${palest.name}`, changes: [{ do: 'ground', potId: palest.id }] }]
          : [],
      },
    ];
  });
});
