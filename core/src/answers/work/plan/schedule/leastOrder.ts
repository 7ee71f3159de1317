/** Up to so many things every order is as good as tried; beyond it orders are bettered step by step. */
const mostExact = 13;

/**
 * The order of things with the least cost, where each pays for those that stand before it.
 *
 * @param costAfter `costAfter[one][other]`: what `one` costs when `other` stands before it
 * @returns places, first to last; up to 13 things the best there is (Held–Karp over the sets of
 *   what is done), beyond that the best that moving single things finds
 */
export function leastOrder(costAfter: readonly (readonly number[])[]): number[] {
  const things = [...costAfter.keys()];
  return things.length <= mostExact ? exact(costAfter) : moved(costAfter, things);
}

function exact(costAfter: readonly (readonly number[])[]): number[] {
  const count = costAfter.length;
  const sets = 1 << count;
  const least = new Float64Array(sets).fill(Infinity);
  const lastOf = new Int8Array(sets).fill(-1);
  least[0] = 0;
  for (let set = 0; set < sets; set++)
    for (let next = 0; next < count; next++) {
      if (set & (1 << next)) continue;
      let cost = least[set];
      for (let before = 0; before < count; before++)
        if (set & (1 << before)) cost += costAfter[next][before];
      const joined = set | (1 << next);
      if (cost >= least[joined]) continue;
      least[joined] = cost;
      lastOf[joined] = next;
    }
  const order: number[] = [];
  for (let set = sets - 1; set > 0; set &= ~(1 << lastOf[set])) order.unshift(lastOf[set]);
  return order;
}

function moved(costAfter: readonly (readonly number[])[], things: readonly number[]): number[] {
  const costOf = (order: readonly number[]) =>
    order.reduce(
      (sum, thing, place) =>
        order.slice(0, place).reduce((all, before) => all + costAfter[thing][before], sum),
      0,
    );
  let order = [...things];
  let cost = costOf(order);
  for (let better = true; better;) {
    better = false;
    for (const thing of things)
      for (let place = 0; place < order.length; place++) {
        const rest = order.filter((each) => each !== thing);
        const tried = [...rest.slice(0, place), thing, ...rest.slice(place)];
        const triedCost = costOf(tried);
        if (triedCost >= cost - 1e-9) continue;
        order = tried;
        cost = triedCost;
        better = true;
      }
  }
  return order;
}
