import { colourDifference } from '../../../light/colour/colourDifference';
import { colourOfHex } from '../../../light/colour/colourOfHex';
import type { Pot } from '../../../written/pot/pot';
import { isAtHand } from '../../../written/pot/stock';
import { isOpaqueId } from '../../../written/record/opaqueId';
import { groundsBelow } from '../../../predicted/ground/onGround';
import { potOn } from '../../../predicted/paint/mixedPaint';
import type { Fix, RecipeChange } from '../fixes/fix';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** A stand-in further off than this is no stand-in, ΔE00. */
const standsInUpTo = 8;

/** A pot the recipe draws from is empty, retired, or kept by another member to themselves. */
export const potGone = rule(2, ({ recipe, shelf, lines }) => {
  const pots = [...shelf.values()];
  const ofLines = lines.flatMap(({ written, number }): Finding[] =>
    written.mix.parts.flatMap((part): Finding[] => {
      if (part.from !== 'pot') return [];
      const pot = potOn(shelf, part.potId);
      return found(pot, written.id, `Line ${number}`, (standIn) => ({
        do: 'replace',
        step: {
          ...written,
          mix: {
            ...written.mix,
            parts: written.mix.parts.map((each) =>
              each === part ? { ...part, potId: standIn.id } : each,
            ),
          },
        },
      }));
    }),
  );
  // Under a finished surface the primer is never sprayed for this recipe.
  const isPrimed = groundsBelow(recipe, shelf).grounds.length === 0;
  const ground = !isPrimed
    ? []
    : found(potOn(shelf, recipe.groundPotId), null, 'The ground', ({ id }) => ({
        do: 'ground',
        potId: id,
      }));
  return [...ground, ...ofLines];

  function found(
    pot: Pot,
    stepId: string | null,
    who: string,
    changeTo: (standIn: Pot) => RecipeChange,
  ): Finding[] {
    if (isAtHand(pot)) return [];
    const nearest = nearestTo(pot, pots);
    const fixes: Fix[] = nearest
      ? [
          {
            label: `Use ${nearest.pot.name}`,
            changes: [changeTo(nearest.pot)],
          },
        ]
      : [];
    return [
      {
        stepId,
        potId: pot.id,
        sentence: `${stepId === null ? `${who}, ` : ''}${pot.name}${stepId === null ? ',' : ''} is ${why(pot)}.`,
        figure: nearest
          ? { value: nearest.apart, unit: 'ΔE00 to the nearest' }
          : { value: 0, unit: 'pots near it' },
        fixes,
      },
    ];
  }
});

function why({ id, retired }: Pot): string {
  if (isOpaqueId(id)) return 'another member’s own';
  return retired ? 'retired' : 'empty';
}

function nearestTo(gone: Pot, pots: readonly Pot[]): { pot: Pot; apart: number } | null {
  const colour = colourOfHex(gone.swatch);
  let nearest: { pot: Pot; apart: number } | null = null;
  for (const pot of pots) {
    const isAlike =
      pot.kind === gone.kind && (pot.finish === 'metallic') === (gone.finish === 'metallic');
    if (pot.id === gone.id || !isAlike || !isAtHand(pot)) continue;
    const apart = colourDifference(colour, colourOfHex(pot.swatch));
    if (apart <= standsInUpTo && (!nearest || apart < nearest.apart)) nearest = { pot, apart };
  }
  return nearest;
}
