import { staysUsableMinutes } from '../../palette/staysUsable';
import type { Shelf } from '../../../predicted/paint/mixedPaint';
import { loadOf } from '../../../written/mix/mix';
import { flattenMix, type PotShare } from '../../../written/recipe/flattenMix';
import type { Recipe } from '../../../written/recipe/recipe';
import type { Step } from '../../../written/recipe/step';
import type { Batch } from '../army/batch';
import type { WorkMix } from './work';

/** A colour on the palette: the pots of it, thinned as its lines say. */
export interface MixName {
  shares: PotShare[];
  waterParts: number;
  mediumParts: number;
}

/** Shaking a pot and putting out drops; each further pot, and thinner, on top. Minutes. */
const onePotMinutes = 0.5;
const eachPotMinutes = 0.5;
const thinningMinutes = 0.25;

/** There is always water at the table. */
const waterAlone = { mixMinutes: 0, usableMinutes: Infinity, isMixed: false };

/** The colours of a batch, each once, whichever lines are painted with it. */
export function palette(batch: Pick<Batch, 'keeping' | 'room'>, shelf: Shelf) {
  const names: MixName[] = [];
  const mixes: WorkMix[] = [];
  const mixAt = new Map<string, number>();
  return { names, mixes, mixOf };

  /** The place of a line's colour among them. */
  function mixOf(step: Step, recipe: Recipe): number {
    const earlier = recipe.steps.slice(
      0,
      recipe.steps.findIndex(({ id }) => id === step.id),
    );
    const shares = flattenMix(step.mix, earlier);
    const { waterParts, mediumParts } = step.mix;
    const key = JSON.stringify([
      shares.map(({ potId, share }) => `${potId} ${share.toFixed(4)}`).sort(),
      waterParts,
      mediumParts,
    ]);
    const known = mixAt.get(key);
    if (known !== undefined) return known;
    const load = loadOf(step.mix);
    const amounts = {
      pots: shares.map(({ potId, share }) => ({ potId, ml: share * load })),
      waterMl: load * waterParts,
      mediumMl: load * mediumParts,
    };
    mixes.push(
      shares.length === 0
        ? waterAlone
        : {
            mixMinutes:
              onePotMinutes +
              eachPotMinutes * (shares.length - 1) +
              (load < 1 ? thinningMinutes : 0),
            usableMinutes: staysUsableMinutes(amounts, shelf, batch.keeping, batch.room),
            isMixed: shares.length > 1,
          },
    );
    names.push({ shares, waterParts, mediumParts });
    mixAt.set(key, mixes.length - 1);
    return mixes.length - 1;
  }
}
