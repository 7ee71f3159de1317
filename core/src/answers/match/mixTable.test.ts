import fc from 'fast-check';
import { colourDifference } from '../../light/colour/colourDifference';
import { colourOfLab } from '../../light/colour/colourOfLab';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { mixedPaint } from '../../predicted/paint/mixedPaint';
import { pots, shelf } from '../../testing/sampleRecipe';
import { mixTable } from './mixTable';
import { nearestByParts } from './screen/nearestByParts';
import { runs } from '../../testing/longTests';

const paints = Object.values(pots).filter(
  ({ kind, finish }) => kind === 'paint' && finish === 'matt',
);
const anyTarget = fc
  .tuple(
    fc.double({ min: 10, max: 90, noNaN: true }),
    fc.double({ min: -50, max: 60, noNaN: true }),
    fc.double({ min: -50, max: 70, noNaN: true }),
  )
  .map(([l, a, b]) => colourOfLab(l, a, b));

test('it finds as near a mix as a search does, or hardly further off', () => {
  // Far from anything that can be mixed a little further off is as far.
  const look = mixTable(paints);
  fc.assert(
    fc.property(anyTarget, (target) => {
      const searched = nearestByParts(target, paints)!;
      expect(look(target)!.error).toBeLessThanOrEqual(1.1 * searched.error + 1);
    }),
    { numRuns: runs(60) },
  );
});

test('what it says of a mix is what the mix is', () => {
  const look = mixTable(paints);
  fc.assert(
    fc.property(anyTarget, (target) => {
      const { parts, colour, error } = look(target)!;
      const total = parts.reduce((sum, each) => sum + each.parts, 0);
      const shares = parts.map((each) => ({ potId: each.potId, share: each.parts / total }));
      const made = surfaceColour(masstoneOf(mixedPaint(shares, shelf)));
      expect(colourDifference(made, colour)).toBeLessThan(0.01);
      expect(error).toBeCloseTo(colourDifference(colour, target), 6);
      expect(total).toBeLessThanOrEqual(6);
    }),
    { numRuns: runs(40) },
  );
});

test('a pot of the colour is found alone; of no pots nothing is', () => {
  const target = surfaceColour(masstoneOf(mixedPaint([{ potId: 'red', share: 1 }], shelf)));
  expect(mixTable(paints)(target)).toMatchObject({ parts: [{ potId: 'red', parts: 1 }] });
  expect(mixTable([])(target)).toBeNull();
});
