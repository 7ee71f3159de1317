import { overLeastCost } from '../../core/src/testing/tinyPlans';

const cases = Number(process.env.TINY ?? 200);
const firstSeed = Number(process.env.PLAN_SEED ?? 37_000);

/** Tiny works: the planner's cost beside the least of every order in which one hand can paint them. */
export function benchTiny(): void {
  const ratios = Array.from({ length: cases }, (_, nth) => overLeastCost(firstSeed + nth));
  const best = ratios.filter((ratio) => ratio <= 1 + 1e-9).length;
  console.log(
    `\nTiny works, ${cases} from seed ${firstSeed}: the best of every order in ${best}, at worst ${Math.max(...ratios).toFixed(3)} × its cost`,
  );
}
