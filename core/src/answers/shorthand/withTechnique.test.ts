import fc from 'fast-check';
import { stepSchema } from '../../written/recipe/step';
import { lifts, techniqueNames } from '../../written/technique/techniques';
import { anyRecipe } from '../../testing/anyRecipe';
import { pots } from '../../testing/sampleRecipe';
import { saidAbove, saidPots } from '../../testing/shorthand/shelf';
import { PotNames } from './potNames';
import { readLine } from './readLine';
import { withTechnique } from './withTechnique';
import { runs } from '../../testing/longTests';

const beside = { names: new PotNames(saidPots), recipe: saidAbove, above: saidAbove.steps };
const said = (sentence: string) => {
  const { step } = readLine(sentence, beside, 'new');
  if (!step) throw new Error(`no line: ${sentence}`);
  return step;
};

test('where a line goes is kept where its painter said it, and how it is thinned', () => {
  const changed = withTechnique(said('layer bone 1:3 crown up'), 'stipple', beside);
  expect(changed).toEqual({ ...said('layer bone 1:3 crown up'), technique: 'stipple' });
});

test('a place that followed from the technique alone follows from the other one; the mix stays', () => {
  const changed = withTechnique(said('layer bone'), 'edgeLine', beside);
  expect(changed.placement).toEqual(said('edge line bone').placement);
  expect(changed.mix).toEqual(said('layer bone').mix);
});

test('a line that holds no paint gives its paint back when it is to hold some', () => {
  const damp = withTechnique(said('layer bone'), 'dampBrush', beside);
  expect(damp.mix.parts).toEqual([]);
  expect(withTechnique(damp, 'layer', beside).mix.parts).toEqual(saidAbove.steps[2].mix.parts);
});

test('any line can be put on in any way, its mix kept', () => {
  const names = new PotNames(Object.values(pots));
  fc.assert(
    fc.property(anyRecipe, fc.constantFrom(...techniqueNames), (recipe, technique) => {
      recipe.steps.forEach((step, index) => {
        const above = recipe.steps.slice(0, index);
        const changed = withTechnique(step, technique, { names, recipe, above });
        expect(stepSchema.safeParse(changed).success).toBe(true);
        if (!lifts(technique) && step.mix.parts.length > 0)
          expect(changed.mix.parts).toEqual(step.mix.parts);
      });
    }),
    { numRuns: runs(40) },
  );
});
