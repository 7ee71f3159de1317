import { colourDifference } from '../../light/colour/colourDifference';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { mixOptics } from '../../light/optics/mixOptics';
import { opticsOf } from '../../predicted/paint/opticsOfPot';
import type { MixPart } from '../../written/mix/mix';
import { potOn, type Shelf } from '../../predicted/paint/mixedPaint';
import { sameTogether, simplestParts } from '../../written/mix/simplestParts';

/** So many parts are counted out of drops without losing count. */
const easilyCounted = 8;
/** ΔE00 a mix may change by for being counted out more easily. */
const asGoodWithin = 1.5;

/**
 * The same mix as a painter would count it out: a pot once, and no more parts than are needed to
 * come within 1.5 ΔE00 of what was asked for.
 *
 * @param parts of pots only
 * @throws UnknownPotError
 */
export function countableParts(parts: readonly MixPart[], shelf: Shelf): MixPart[] {
  const exact = simplestParts(sameTogether(parts));
  const total = exact.reduce((sum, part) => sum + part.parts, 0);
  if (total <= easilyCounted) return exact;
  const optics = exact.flatMap((part) =>
    part.from === 'pot' ? [opticsOf(potOn(shelf, part.potId))] : [],
  );
  const colourOf = (mix: readonly MixPart[]) =>
    surfaceColour(
      masstoneOf(mixOptics(optics.map((each, at) => ({ optics: each, parts: mix[at].parts })))),
    );
  const wanted = colourOf(exact);
  for (let count = exact.length; count < total; count++) {
    const fewer = exact.map((part) => ({
      ...part,
      parts: Math.max(1, Math.round((part.parts / total) * count)),
    }));
    if (colourDifference(colourOf(fewer), wanted) <= asGoodWithin) return simplestParts(fewer);
  }
  return exact;
}
