import { mixOf, recipeWith, stepWith } from '../../testing/sampleRecipe';
import { saidAbove, saidPots } from '../../testing/shorthand/shelf';
import { PotNames } from './potNames';
import { readLine } from './readLine';

const boots = recipeWith(
  [
    stepWith({ id: 'b1', mix: mixOf({ umber: 1 }), coats: 2 }),
    stepWith({
      id: 'b2',
      technique: 'layer',
      mix: {
        parts: [
          { from: 'step', stepId: 'b1', parts: 2 },
          { from: 'pot', potId: 'ochre', parts: 1 },
        ],
        waterParts: 1,
        mediumParts: 0,
      },
    }),
    stepWith({ id: 'b3', technique: 'edgeLine', mix: mixOf({ bone: 1 }) }),
  ],
  { id: 'boots', name: 'Levy boots' },
);
const others = [boots, { ...boots, id: 'cloak', name: 'Levy cloak' }];
const first = {
  names: new PotNames(saidPots),
  recipe: { ...saidAbove, steps: [] },
  above: [],
  others,
};
const read = (sentence: string, above = saidAbove.steps.slice(0, 0)) =>
  readLine(sentence, { ...first, above, recipe: { ...saidAbove, steps: above } }, 'new');
const mixOfRead = (sentence: string, above = saidAbove.steps.slice(0, 0)) =>
  read(sentence, above).step?.mix.parts;
const pot = (potId: string, parts = 1) => ({ from: 'pot', potId, parts });

test('“as the boots” is the line that stands there in that recipe', () => {
  expect(read('as the boots').step).toEqual({ ...boots.steps[0], id: 'new' });
  expect(mixOfRead('same as on the boots', saidAbove.steps.slice(0, 1))).toEqual([
    pot('umber', 2),
    pot('ochre'),
  ]);
});

test('so many lines lighter or darker are counted from there; a line is named by its number', () => {
  expect(mixOfRead('as the boots but one lighter')).toEqual([pot('umber', 2), pot('ochre')]);
  expect(mixOfRead('like the Levy boots, two lighter')).toEqual([pot('bone')]);
  expect(mixOfRead('as the boots line 3, one darker')).toEqual([pot('umber', 2), pot('ochre')]);
  expect(mixOfRead('as the boots line 3')).toEqual([pot('bone')]);
});

test('what else is said of it changes only that', () => {
  const { step, marks } = read('as the boots but one lighter, in the recesses, 3 coats');
  expect(marks).toEqual([]);
  expect(step).toMatchObject({ technique: 'layer', coats: 3, mix: { waterParts: 1 } });
  expect(step?.placement).toMatchObject({ from: 0, to: 0.25 });
});

test('a line it does not have is asked about, with those it has', () => {
  const { step, marks } = read('as the boots but five lighter');
  expect(step).toBeNull();
  expect(marks[0].message).toBe('has no line 6: its lines are 1 to 3');
});

test('it is told which line was taken', () => {
  expect(read('as the boots').rough[0].means).toContain('line 1 of “Levy boots”');
});

test.each(['as the levy', 'as the hat', 'as before', 'like milk, umber', 'as above, bone'])(
  '“%s” names no recipe',
  (sentence) => {
    const said = readLine(sentence, first, 'new');
    const alone = readLine(sentence, { ...first, others: [] }, 'new');
    expect(said).toEqual(alone);
  },
);
