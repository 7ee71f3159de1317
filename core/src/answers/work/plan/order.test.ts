import fc from 'fast-check';
import { stepWith } from '../../../testing/sampleRecipe';
import { surfaceOf } from '../../../testing/sampleLevy';
import { leastOrder } from './schedule/leastOrder';
import { orderOfWork, workOrders } from './orderOfWork';
import { spillRisk, type OrderedSurface } from './schedule/spillRisk';

const surface = (
  id: string,
  steps: Parameters<typeof stepWith>[0][],
  part = {},
): OrderedSurface => ({
  surface: surfaceOf({ id, name: id, ...part }),
  steps: steps.map((step) => ({ step: stepWith(step), minutes: 4 })),
});
const base = { id: 'base' };
const dry = { id: 'dry', stage: 'highlight', technique: 'dryBrush' } as const;
const line = { id: 'line', stage: 'highlight', technique: 'edgeLine' } as const;
const coat = surface('coat', [base, dry]);
const face = surface('face', [base, line], { surface: 'skin' });

const steps = (index: number, count: number) =>
  Array.from({ length: count }, (_, step) => ({ surface: index, step }));

describe('spill risk', () => {
  test('a dry brush beside a finished face costs, beside one still to be painted it is free', () => {
    const coatFirst = spillRisk([...steps(0, 2), ...steps(1, 2)], [coat, face]);
    const faceFirst = spillRisk([...steps(1, 2), ...steps(0, 2)], [coat, face]);
    expect(faceFirst).toBeGreaterThan(coatFirst);
    // A dry brush (0.5) and a brush coat (0.15) over a tenth of 8 minutes of face.
    expect(faceFirst).toBeCloseTo(0.65 * 0.8, 9);
  });

  test('what does not touch, and what is on another sub-assembly, is at no risk', () => {
    const boots = surface('boots', [base, line], { surface: 'leather', places: ['boots'] });
    expect(spillRisk([...steps(1, 2), ...steps(0, 2)], [coat, boots])).toBe(0);
    const apart = surface('face', [base, line], { surface: 'skin', subAssembly: 'head' });
    expect(spillRisk([...steps(1, 2), ...steps(0, 2)], [coat, apart])).toBe(0);
  });
});

describe('the order of work', () => {
  test('surface by surface takes the messy surface first', () => {
    const { order } = orderOfWork([face, coat], 'surface by surface', () => 0);
    expect(order.map((entry) => entry.surface)).toEqual([1, 1, 0, 0]);
  });

  test('what is held back comes last by every work order, and nothing is lost', () => {
    expect.hasAssertions();
    for (const { name } of workOrders) {
      const { order } = orderOfWork([coat, face], name, (entry) =>
        Number(entry.surface === 0 && entry.step === 1),
      );
      expect(order).toHaveLength(4);
      expect(order.at(-1)).toEqual({ surface: 0, step: 1 });
    }
  });

  test('stage by stage paints all bases before any highlight', () => {
    const { order } = orderOfWork([coat, face], 'stage by stage', () => 0);
    expect(order.map((entry) => entry.step)).toEqual([0, 0, 1, 1]);
  });

  test('by sub-assembly finishes what is painted apart before the next', () => {
    const apart = (each: OrderedSurface, subAssembly: string) => ({
      ...each,
      surface: { ...each.surface, subAssembly },
    });
    const surfaces = [apart(coat, 'body'), apart(face, 'head'), apart(coat, 'body')];
    const { order } = orderOfWork(surfaces, 'by sub-assembly', () => 0);
    expect(order.map((entry) => surfaces[entry.surface].surface.subAssembly)).toEqual([
      ...Array.from({ length: 4 }, () => 'body'),
      ...Array.from({ length: 2 }, () => 'head'),
    ]);
  });

  test('the least order is the least of all orders', () => {
    const costs = fc.integer({ min: 2, max: 6 }).chain((count) =>
      fc.array(fc.array(fc.integer({ min: 0, max: 9 }), { minLength: count, maxLength: count }), {
        minLength: count,
        maxLength: count,
      }),
    );
    fc.assert(
      fc.property(costs, (costAfter) => {
        const best = Math.min(
          ...permutations([...costAfter.keys()]).map((order) => costOf(order, costAfter)),
        );
        expect(costOf(leastOrder(costAfter), costAfter)).toBe(best);
      }),
    );
  });

  test('more than thirteen surfaces still get an order, no worse than the one given', () => {
    const costAfter = Array.from({ length: 18 }, (_, i) =>
      Array.from({ length: 18 }, (__, j) => ((i * 7 + j * 3) % 5) * (i < j ? 2 : 1)),
    );
    const order = leastOrder(costAfter);
    expect([...order].sort((one, other) => one - other)).toEqual([...costAfter.keys()]);
    expect(costOf(order, costAfter)).toBeLessThanOrEqual(costOf([...costAfter.keys()], costAfter));
  });
});

function costOf(order: readonly number[], costAfter: readonly (readonly number[])[]): number {
  return order.reduce(
    (sum, thing, place) =>
      order.slice(0, place).reduce((all, before) => all + costAfter[thing][before], sum),
    0,
  );
}

function permutations(things: number[]): number[][] {
  if (things.length < 2) return [things];
  return things.flatMap((thing) =>
    permutations(things.filter((each) => each !== thing)).map((rest) => [thing, ...rest]),
  );
}
