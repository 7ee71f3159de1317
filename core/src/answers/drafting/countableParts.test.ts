import fc from 'fast-check';
import { colourDifference } from '../../light/colour/colourDifference';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import type { MixPart } from '../../written/mix/mix';
import { flattenMix } from '../../written/recipe/flattenMix';
import { mixedPaint } from '../../predicted/paint/mixedPaint';
import { pots, shelf } from '../../testing/sampleRecipe';
import { countableParts } from './countableParts';

const part = (potId: string, parts: number): MixPart => ({ from: 'pot', potId, parts });
const totalOf = (parts: readonly MixPart[]) => parts.reduce((sum, each) => sum + each.parts, 0);
const colourOf = (parts: MixPart[]) =>
  surfaceColour(
    masstoneOf(mixedPaint(flattenMix({ parts, waterParts: 0, mediumParts: 0 }, []), shelf)),
  );

test('a pot is named once, in the smallest whole parts', () => {
  expect(countableParts([part('brown', 1), part('red', 2), part('brown', 3)], shelf)).toEqual([
    part('brown', 2),
    part('red', 1),
  ]);
});

test('twenty-eight parts to three and four are counted out in fewer', () => {
  const fewer = countableParts([part('red', 3), part('white', 4), part('brown', 28)], shelf);
  expect(totalOf(fewer)).toBeLessThan(20);
});

test('whatever is counted out looks as what was asked for, and never takes more parts', () => {
  const anyParts = fc
    .uniqueArray(fc.constantFrom(...Object.keys(pots).filter((id) => id !== 'wash')), {
      minLength: 1,
      maxLength: 4,
    })
    .chain((ids) =>
      fc.tuple(...ids.map((id) => fc.integer({ min: 1, max: 30 }).map((n) => part(id, n)))),
    );
  fc.assert(
    fc.property(anyParts, (parts) => {
      const counted = countableParts(parts, shelf);
      expect(totalOf(counted)).toBeLessThanOrEqual(totalOf(parts));
      expect(counted.map((each) => each.from === 'pot' && each.potId).sort()).toEqual(
        parts.map((each) => each.from === 'pot' && each.potId).sort(),
      );
      expect(counted.every((each) => Number.isInteger(each.parts) && each.parts > 0)).toBe(true);
      expect(colourDifference(colourOf(counted), colourOf(parts))).toBeLessThanOrEqual(1.5 + 1e-6);
    }),
  );
});
