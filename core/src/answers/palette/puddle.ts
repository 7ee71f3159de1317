import type { PotShare } from '../../written/recipe/flattenMix';
import { mostWellMl, type WantedMix, type Well } from './well';

/** The content of a well, ml. */
export interface Amounts {
  pots: readonly { potId: string; ml: number }[];
  waterMl: number;
  mediumMl: number;
}

/** More than a well holds, or more taken than there is. */
export class WellError extends RangeError {
  constructor(message: string) {
    super(message);
    this.name = 'WellError';
  }
}

/** Less than this is a smear, not an amount, ml. */
const smearMl = 1e-6;

export const paintMl = ({ pots }: Amounts) => pots.reduce((sum, { ml }) => sum + ml, 0);

/** Paint and thinner together, ml. */
export function volumeMlOf(amounts: Amounts): number {
  return paintMl(amounts) + amounts.waterMl + amounts.mediumMl;
}

/** Share of paint in what is there, 0–1; 1 for an empty well. */
export function loadOfAmounts(amounts: Amounts): number {
  const volume = volumeMlOf(amounts);
  return volume < smearMl ? 1 : paintMl(amounts) / volume;
}

/** True shares of the pots in a well's paint, adding up to 1; none for a well without paint. */
export function sharesIn(amounts: Amounts): PotShare[] {
  const paint = paintMl(amounts);
  if (paint < smearMl) return [];
  return amounts.pots.map(({ potId, ml }) => ({ potId, share: ml / paint }));
}

/**
 * A well with something put in. It counts as mixed when its paint was put in on average, so fresh
 * drops make an old puddle younger by their share.
 *
 * @param now ISO 8601
 * @throws WellError when it would run over
 */
export function putIn(well: Well, added: Amounts, now: string): Well {
  const before = volumeMlOf(well);
  const least = Math.min(added.waterMl, added.mediumMl, ...added.pots.map(({ ml }) => ml));
  if (!(least >= 0))
    throw new WellError(`${least} ml is no amount to put in; it should be 0 or more`);
  const fresh = volumeMlOf(added);
  if (before + fresh > mostWellMl)
    throw new WellError(
      `${well.name} would hold ${(before + fresh).toFixed(1)} ml; a well takes up to ${mostWellMl} ml`,
    );
  const mlOf = new Map(well.pots.map(({ potId, ml }) => [potId, ml]));
  for (const { potId, ml } of added.pots) mlOf.set(potId, (mlOf.get(potId) ?? 0) + ml);
  return {
    ...well,
    pots: [...mlOf].flatMap(([potId, ml]) => (ml > smearMl ? [{ potId, ml }] : [])),
    waterMl: well.waterMl + added.waterMl,
    mediumMl: well.mediumMl + added.mediumMl,
    freshAt: meanTime(well.freshAt, before, now, fresh),
  };
}

/**
 * A well with some of it gone onto the figures: every part of it by the same share.
 *
 * @throws WellError when there is not so much in it
 */
export function takeSome(well: Well, ml: number): Well {
  const volume = volumeMlOf(well);
  if (!(ml >= 0)) throw new WellError(`${ml} ml is no amount to take; it should be 0 or more`);
  if (ml > volume + smearMl)
    throw new WellError(`${well.name} holds ${volume.toFixed(2)} ml, not ${ml.toFixed(2)}`);
  return { ...well, ...scaled(well, volume > 0 ? Math.max(0, 1 - ml / volume) : 0) };
}

/** More of the same: so much of what the well holds, in its own proportions, ml. */
export function moreOf(well: Well, ml: number): Amounts {
  const volume = volumeMlOf(well);
  if (volume < smearMl) throw new WellError(`${well.name} is empty: there is nothing to top up`);
  if (!(ml >= 0)) throw new WellError(`${ml} ml is no amount to top up; it should be 0 or more`);
  return scaled(well, ml / volume);
}

/**
 * Pours some of one well into another.
 *
 * @returns both as they are then
 * @throws WellError
 */
export function pour(from: Well, into: Well, ml: number): { from: Well; into: Well } {
  const left = takeSome(from, ml);
  const volume = volumeMlOf(from);
  return {
    from: left,
    into: putIn(into, scaled(from, volume > 0 ? ml / volume : 0), from.freshAt),
  };
}

/** The state of a well now, for restoring it later; null without paint. */
export function wantedOf(amounts: Amounts): WantedMix | null {
  const pots = sharesIn(amounts);
  if (pots.length === 0) return null;
  const { waterMl, mediumMl } = amounts;
  const mediumShare = mediumMl > 0 ? { mediumShare: mediumMl / (waterMl + mediumMl) } : {};
  return { pots, load: loadOfAmounts(amounts), ...mediumShare };
}

function scaled({ pots, waterMl, mediumMl }: Amounts, share: number) {
  return {
    pots: pots.flatMap(({ potId, ml }) =>
      ml * share > smearMl ? [{ potId, ml: ml * share }] : [],
    ),
    waterMl: waterMl * share,
    mediumMl: mediumMl * share,
  };
}

function meanTime(one: string, oneWeighs: number, other: string, otherWeighs: number): string {
  const total = oneWeighs + otherWeighs;
  if (total < smearMl) return other;
  const at = (Date.parse(one) * oneWeighs + Date.parse(other) * otherWeighs) / total;
  return new Date(Math.round(at)).toISOString();
}
