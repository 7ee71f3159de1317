import { greatestDivisor } from '../../../written/mix/greatestDivisor';

/**
 * Every way to share out whole parts among so many pots, each at least one, up to a sum. Ways that
 * are a multiple of a smaller one are left out: 2 : 2 is 1 : 1.
 *
 * @param pots 1 to 3
 * @param mostParts largest sum, at least `pots`
 * @example wholeParts(2, 3) // → [[1, 1], [1, 2], [2, 1]]
 */
export function wholeParts(pots: 1 | 2 | 3, mostParts: number): number[][] {
  if (pots === 1) return [[1]];
  const ways: number[][] = [];
  for (let one = 1; one < mostParts; one++)
    for (let other = 1; one + other <= mostParts; other++) {
      if (pots === 2) {
        if (greatestDivisor(one, other) === 1) ways.push([one, other]);
        continue;
      }
      for (let third = 1; one + other + third <= mostParts; third++)
        if (greatestDivisor(greatestDivisor(one, other), third) === 1)
          ways.push([one, other, third]);
    }
  return ways;
}
