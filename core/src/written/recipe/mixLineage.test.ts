import fc from 'fast-check';
import { anyRecipe } from '../../testing/anyRecipe';
import { mixOf, recipeWith, stepWith } from '../../testing/sampleRecipe';
import { flattenMix } from './flattenMix';
import { mixLineage, staysWetUntil, type MixOrigin } from './mixLineage';
import type { Mix } from '../mix/mix';

function potsIn(origins: readonly MixOrigin[], found = new Map<string, number>()) {
  for (const { source, share, from } of origins)
    if (source.from === 'pot') found.set(source.potId, (found.get(source.potId) ?? 0) + share);
    else potsIn(from, found);
  return found;
}

test('the pots at the leaves of the tree have the shares of the flattened mix', () => {
  fc.assert(
    fc.property(anyRecipe, ({ steps }) => {
      const last = steps[steps.length - 1];
      const earlier = steps.slice(0, -1);
      const leaves = potsIn(mixLineage(last.mix, earlier));
      for (const { potId, share } of flattenMix(last.mix, earlier))
        expect(leaves.get(potId)).toBeCloseTo(share, 9);
    }),
  );
});

test('a mix of a mix is a tree of two storeys with its true shares', () => {
  const first = stepWith({ id: 'first', mix: mixOf({ yellow: 3, brown: 1 }) });
  const mix: Mix = {
    parts: [
      { from: 'step', stepId: 'first', parts: 1 },
      { from: 'pot', potId: 'bone', parts: 1 },
    ],
    waterParts: 0,
    mediumParts: 0,
  };
  const [carried, bone] = mixLineage(mix, [first]);
  expect(carried).toMatchObject({ share: 0.5, source: { from: 'step', stepId: 'first' } });
  expect(carried.from.map(({ share }) => share)).toEqual([0.375, 0.125]);
  expect(bone).toMatchObject({ share: 0.5, from: [] });
});

const carrying = (id: string, stepId: string) =>
  stepWith({
    id,
    mix: { parts: [{ from: 'step', stepId, parts: 1 }], waterParts: 0, mediumParts: 0 },
  });

test('a mix stays wet until the last line that carries it forward', () => {
  const recipe = recipeWith([
    stepWith({ id: 'one' }),
    carrying('two', 'one'),
    stepWith({ id: 'three' }),
    carrying('four', 'one'),
  ]);
  expect(staysWetUntil(recipe).map(({ untilStepId }) => untilStepId)).toEqual([
    'four',
    null,
    null,
    null,
  ]);
});

test('a line that is left out keeps nothing wet', () => {
  const recipe = recipeWith([
    stepWith({ id: 'one' }),
    { ...carrying('two', 'one'), level: 'display' },
  ]);
  expect(staysWetUntil({ ...recipe, finishLevel: 'field' })[0].untilStepId).toBeNull();
  expect(staysWetUntil({ ...recipe, finishLevel: 'display' })[0].untilStepId).toBe('two');
});

test('what is blended into stays wet until it is blended', () => {
  const recipe = recipeWith([
    stepWith({ id: 'one' }),
    stepWith({ id: 'blend', technique: 'wetBlend' }),
  ]);
  expect(staysWetUntil(recipe)[0]).toEqual({
    stepId: 'one',
    untilStepId: 'blend',
    because: 'blended',
  });
});
