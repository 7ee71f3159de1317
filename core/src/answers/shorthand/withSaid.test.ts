import fc from 'fast-check';
import { stepSchema } from '../../written/recipe/step';
import { anyRecipe } from '../../testing/anyRecipe';
import { saidAbove, saidPots } from '../../testing/shorthand/shelf';
import { pots } from '../../testing/sampleRecipe';
import { said as everySaid } from '../../testing/shorthand/said';
import { PotNames } from './potNames';
import { readSentence } from './strict/readSentence';
import { withSaid } from './withSaid';
import { runs } from '../../testing/longTests';

const beside = { names: new PotNames(saidPots), recipe: saidAbove, above: saidAbove.steps };
const [one, two, three] = saidAbove.steps;
const said = (sentence: string) => readSentence(sentence, beside).said;

test('only what was said of several lines changes in each', () => {
  const thinner = said('1 paint : 3 water, 2 coats');
  expect(withSaid(one, thinner, beside)).toEqual({
    ...one,
    coats: 2,
    mix: { ...one.mix, waterParts: 3 },
  });
  expect(withSaid(three, said('from display'), beside)).toEqual({ ...three, level: 'display' });
  expect(withSaid(two, said('bone'), beside).mix).toEqual({
    ...two.mix,
    parts: [{ from: 'pot', potId: 'bone', parts: 1 }],
  });
});

test('whatever is said, each line stays one that can be kept', () => {
  const names = new PotNames(Object.values(pots));
  fc.assert(
    fc.property(anyRecipe, fc.constantFrom(...everySaid), (recipe, [sentence]) => {
      recipe.steps.forEach((step, index) => {
        const here = { names, recipe, above: recipe.steps.slice(0, index) };
        const next = withSaid(step, readSentence(sentence, here).said, here);
        expect(stepSchema.safeParse(next).success).toBe(true);
      });
    }),
    { numRuns: runs(60) },
  );
});
