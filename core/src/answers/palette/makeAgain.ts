import { dropsFor, type Drops } from '../../predicted/paint/dropsFor';
import { mostThinner, type Mix, type Thinning } from '../../written/mix/mix';
import type { Shelf } from '../../predicted/paint/mixedPaint';
import { fittingParts } from '../../written/mix/simplestParts';
import type { PotShare } from '../../written/recipe/flattenMix';
import { paintMl, sharesIn, volumeMlOf, type Amounts } from './puddle';
import type { WantedMix } from './well';

/** Share of a pot below which it is a stain on the brush rather than a part of the mix. */
const leastShare = 0.004;
/** Thinner parts are rounded to the nearest of so many parts of a part. */
const thinnerSteps = 4;

/**
 * How to make what is in a well again, from pots in whole drops.
 *
 * @param volumeMl how much of it, above 0; as much as there is where not said
 * @returns null when there is no paint in it
 */
export function makeAgain(amounts: Amounts, shelf: Shelf, volumeMl?: number): Drops | null {
  const mix = looseMixOf(amounts);
  const wanted = volumeMl ?? volumeMlOf(amounts);
  return mix && wanted > 0 ? dropsFor(mix, [], shelf, wanted) : null;
}

/**
 * The mix of a well as a recipe writes it: whole parts by the drops it can be made from, thinned as
 * it stands to a quarter part.
 *
 * @returns null when there is no paint in it
 */
export function mixOfWell(amounts: Amounts, shelf: Shelf): Mix | null {
  const loose = looseMixOf(amounts);
  if (!loose) return null;
  const { pots } = dropsFor(loose, [], shelf, leastBatchMl);
  const parts = fittingParts(
    pots.map(({ potId, drops }) => ({ from: 'pot', potId, parts: drops })),
  );
  const rounded = (thinner: number) =>
    Math.min(mostThinner, Math.round(thinner * thinnerSteps) / thinnerSteps);
  return {
    parts,
    waterParts: rounded(loose.waterParts),
    mediumParts: rounded(loose.mediumParts),
  };
}

/** A batch so small that the fewest drops within a colour error are asked for. */
const leastBatchMl = 1e-3;

function looseMixOf(amounts: Amounts): Mix | null {
  const shares = sharesIn(amounts).filter(({ share }) => share >= leastShare);
  if (shares.length === 0) return null;
  return {
    parts: shares.map(({ potId, share }) => ({ from: 'pot', potId, parts: share * 100 })),
    ...thinningOf(amounts),
  };
}

/** How far a well is thinned, in parts to 1 part of its paint; neat without paint. */
export function thinningOf(amounts: Amounts): Thinning {
  const paint = paintMl(amounts);
  const parts = (ml: number) => (paint > 0 ? Math.min(mostThinner, ml / paint) : 0);
  return { waterParts: parts(amounts.waterMl), mediumParts: parts(amounts.mediumMl) };
}

const hundredth = (parts: number) => Math.round(parts * 100) / 100;

/** The content of a puddle as it goes onto the brush; thinner to hundredths of a part. */
export function brushedOfAmounts(amounts: Amounts): Thinning & { pots: PotShare[] } {
  const { waterParts, mediumParts } = thinningOf(amounts);
  return {
    pots: sharesIn(amounts).filter(({ share }) => share > 0),
    waterParts: hundredth(waterParts),
    mediumParts: hundredth(mediumParts),
  };
}

/**
 * Whole drops for so much of a wanted mix from nothing: for an empty well, and to hold against
 * saving a tired one.
 *
 * @param volumeMl above 0
 */
export function mixWanted(
  { pots, load, mediumShare = 0 }: WantedMix,
  shelf: Shelf,
  volumeMl: number,
): Drops | null {
  const wanted = {
    pots: pots.map(({ potId, share }) => ({ potId, ml: share * load })),
    waterMl: (1 - load) * (1 - mediumShare),
    mediumMl: (1 - load) * mediumShare,
  };
  return makeAgain(wanted, shelf, volumeMl);
}

/** Drops of a mix in all, thinner and all. */
export function countDrops({ pots, water, medium }: Drops): number {
  return pots.reduce((sum, { drops }) => sum + drops, water + medium);
}
