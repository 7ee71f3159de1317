import { judgeTruth } from '../../core/src/testing/thinPaint/judgeTruth';
import { thinTruths } from '../../core/src/testing/thinPaint/truths';

/** Painters' truths about thin paint: those that do not hold, and by how much. */
export function benchThinPaint(): void {
  console.log('\nThin paint: painters’ truths');
  const judged = thinTruths.map(judgeTruth);
  for (const { truth, predicted, misses } of judged)
    if (misses.length > 0) console.log(`  ${truth.says}: ${predicted.hex}, ${misses.join('; ')}`);
  const holds = judged.filter(({ misses }) => misses.length === 0).length;
  console.log(`  ${holds} of ${judged.length} hold`);
}
