import fc from 'fast-check';
import { practicePots } from '../../testing/practice/practicePots';
import { greyingOf, oppositeCost, paintersHue } from './mixingOpposite';
import { opticsOf } from '../../predicted/paint/opticsOfPot';

const opticsNamed = (id: string) => opticsOf(practicePots.find((pot) => pot.id === id)!);
const nearestOpposites = (id: string) =>
  practicePots
    .filter((pot) => pot.kind === 'paint' && pot.finish === 'matt' && pot.id !== id)
    .flatMap((pot) => {
      const cost = oppositeCost(opticsNamed(id), opticsOf(pot));
      return cost === null ? [] : [{ id: pot.id, cost }];
    })
    .sort((one, other) => one.cost - other.cost)
    .map((each) => each.id);

test.each([
  ['yellow', ['violet', 'heather', 'lilac']],
  ['orange', ['navy', 'blue', 'sky']],
  ['red', ['teal', 'green', 'forest', 'givenaway']],
])('%s has its opposite among %p', (id, wanted) => {
  expect(wanted).toContain(nearestOpposites(id)[0]);
});

test('yellow and blue are no opposites: they make a green', () => {
  expect(greyingOf(opticsNamed('yellow'), opticsNamed('blue')).thirdHue).toBeGreaterThan(10);
  expect(oppositeCost(opticsNamed('yellow'), opticsNamed('blue'))).toBeNull();
});

test('a grey has no opposite, and two paints are as much opposites either way round', () => {
  expect(oppositeCost(opticsNamed('yellow'), opticsNamed('midgrey'))).toBeNull();
  for (const [one, other] of [
    ['red', 'teal'],
    ['yellow', 'violet'],
  ])
    expect(oppositeCost(opticsNamed(one), opticsNamed(other))).toBeCloseTo(
      oppositeCost(opticsNamed(other), opticsNamed(one))!,
    );
});

test('every hue has a place on the painters’ wheel, in the same order round it', () => {
  fc.assert(
    fc.property(fc.double({ min: 28, max: 387, noNaN: true }), (hue) => {
      expect(paintersHue(hue + 0.5 > 387 ? 387 : hue + 0.5)).toBeGreaterThanOrEqual(
        paintersHue(hue) - 1e-9,
      );
      expect(paintersHue(hue % 360)).toBeCloseTo(paintersHue(hue), 6);
    }),
  );
});
