import { usualHand, type OwnFigures } from '../army/ownFigures';
import { loadOf } from '../../../written/mix/mix';
import type { TechniqueName } from '../../../written/technique/techniques';
import { addTo } from './addTo';
import { changingMinutes } from './changingMinutes';
import type { LogEntry } from './entry';
import { quantile } from './quantile';
import { standing } from './standing';
import { usualCoats } from './usualCoats';

/** How a painter's figures compare with what was reckoned. */
export interface Learned {
  /** median of what was measured over what was reckoned; 1 is as reckoned */
  factor: number;
  /** half of all records lie between these */
  low: number;
  high: number;
  records: number;
  /** there are enough for it to be used */
  isUsed: boolean;
}

export interface LearnedFigures {
  own: OwnFigures;
  handsOn: { technique: TechniqueName; learned: Learned }[];
  drying: Learned | null;
  paint: Learned | null;
  /** minutes to change to another paint, and how many changes they are from */
  changing: { minutes: number; records: number } | null;
  /** thickness of this hand's film, as it was last accepted; 1 where it never was */
  film: number;
}

/** From so many records on a painter's own figure is used, with the weight its records have. */
export const enoughRecords = 3;
/** So many records weigh as much as what is expected of a usual hand. */
const usualWeighs = 3;
/** Beyond these something else was measured: a telephone call, a coat noted twice. */
const leastRatio = 0.1;
const mostRatio = 10;

/**
 * A painter's own figures from the log.
 *
 * @param by the painter, as entries name them: in a club every hand has its own figures; null: whoever
 *   painted, in a ledger alone
 */
export function learnFigures(all: readonly LogEntry[], by: string | null = null): LearnedFigures {
  const minutes = new Map<TechniqueName, number[]>();
  const dry: number[] = [];
  const mixed = new Map<string, { made: number; taken: number }>();
  let film = 1;
  const entries = standing(all).filter((entry) => by === null || entry.by === by);
  for (const entry of entries) {
    if (entry.kind === 'coat') {
      if (entry.minutes !== null) addTo(minutes, entry.technique, entry.minutes / entry.reckoned);
      const of = mixOf(entry);
      of.taken += entry.used.reduce((sum, { ml }) => sum + ml, 0);
    }
    if (entry.kind === 'mixed') mixOf(entry).made += entry.ml * loadOf(entry.brushed);
    if (entry.kind === 'dry') dry.push(entry.minutes / entry.reckoned);
    if (entry.kind === 'learned') film = entry.factor;
  }
  const handsOn = [...minutes].flatMap(([technique, ratios]) => {
    const learned = learnedFrom(ratios);
    return learned ? [{ technique, learned }] : [];
  });
  const drying = learnedFrom(dry);
  const paint = learnedFrom(
    [...mixed.values()].flatMap(({ made, taken }) => (made > 0 && taken > 0 ? [made / taken] : [])),
  );
  const changing = changingMinutes(entries);
  return {
    own: {
      handsOn: Object.fromEntries(
        handsOn.flatMap(({ technique, learned }) =>
          learned.isUsed ? [[technique, weighted(learned)]] : [],
        ),
      ),
      drying: drying?.isUsed ? weighted(drying) : usualHand.drying,
      // A thicker film takes more paint; what was really mixed knows that already.
      paint: paint?.isUsed ? paint.factor : film,
      film,
      ...(changing && { changing: changing.minutes }),
      coats: Object.fromEntries([...usualCoats(entries)].map(([key, { coats }]) => [key, coats])),
    },
    handsOn,
    drying,
    paint,
    changing,
    film,
  };

  function mixOf({
    benchId,
    recipeId,
    stepId,
  }: Pick<LogEntry & { stepId: string; recipeId: string }, 'benchId' | 'recipeId' | 'stepId'>) {
    const key = `${benchId} ${recipeId} ${stepId}`;
    const known = mixed.get(key) ?? { made: 0, taken: 0 };
    mixed.set(key, known);
    return known;
  }
}

/** A measured factor drawn towards 1 while there are few records of it. */
const weighted = ({ factor, records }: Learned): number =>
  factor ** (records / (records + usualWeighs));

/** Whether a measured figure over the reckoned one can be what it says it is. */
export const isPlausible = (ratio: number) => ratio >= leastRatio && ratio <= mostRatio;

/** @returns null where there is nothing to learn from */
export function learnedFrom(ratios: readonly number[]): Learned | null {
  const sorted = ratios.filter(isPlausible).sort((one, other) => one - other);
  if (sorted.length === 0) return null;
  return {
    factor: quantile(sorted, 0.5),
    low: quantile(sorted, 0.25),
    high: quantile(sorted, 0.75),
    records: sorted.length,
    isUsed: sorted.length >= enoughRecords,
  };
}
