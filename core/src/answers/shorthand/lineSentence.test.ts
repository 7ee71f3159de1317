import fc from 'fast-check';
import { isSameContent } from '../../written/record/sameContent';
import type { Recipe } from '../../written/recipe/recipe';
import type { Step } from '../../written/recipe/step';
import { brushNames, brushSizes, strokeNames } from '../../written/technique/tool';
import { meanings } from '../../written/technique/meaning';
import { anyAimedRecipe } from '../../testing/anyAim';
import { anyRecipe } from '../../testing/anyRecipe';
import { pots, potWith } from '../../testing/sampleRecipe';
import { saidAbove, saidPots } from '../../testing/shorthand/shelf';
import { PotNames } from './potNames';
import { readLine } from './readLine';
import type { Beside } from './said';
import { everyClause, lineSentence } from './lineSentence';
import { runs } from '../../testing/longTests';

const namesOfAll = new PotNames(Object.values(pots));

const besideLine = (recipe: Recipe, index: number, names = namesOfAll): Beside => ({
  names,
  recipe,
  above: recipe.steps.slice(0, index),
});

/** Fields that only some lines have. */
const anyMore = fc.record(
  {
    dryMinutes: fc.integer({ min: 0, max: 2880 }),
    coatsUpTo: fc.constant(12),
    meaning: fc.constantFrom(...meanings),
    density: fc.double({ min: 0.1, max: 3, noNaN: true }),
    note: fc.string({ maxLength: 60, unit: 'grapheme' }),
    tool: fc.record(
      {
        brush: fc.constantFrom(...brushNames),
        size: fc.constantFrom(...brushSizes),
        isOld: fc.boolean(),
        uses: fc.constantFrom('tip' as const, 'side' as const),
        stroke: fc.constantFrom(...strokeNames),
        feathers: fc.boolean(),
      },
      { requiredKeys: [] },
    ),
  },
  { requiredKeys: ['dryMinutes', 'note'] },
);

/** An aim or a tool that says nothing is none. */
function withoutEmpty({ tool, placement: { aim, ...place }, ...rest }: Step) {
  const says = (each: object | undefined) => each !== undefined && Object.keys(each).length > 0;
  return {
    ...rest,
    ...(says(tool) && { tool }),
    placement: { ...place, ...(says(aim) && { aim }) },
  };
}

function readsBack(step: Step, beside: Beside): void {
  const sentence = lineSentence(step, beside);
  const read = readLine(sentence, beside, step.id);
  expect({ sentence, marks: read.marks }).toEqual({ sentence, marks: [] });
  const meant = withoutEmpty(step);
  if (!isSameContent(read.step, meant)) expect({ sentence, ...read.step }).toEqual(meant);
}

test('the sentence of any line reads back as that line', () => {
  fc.assert(
    fc.property(anyRecipe, anyMore, (recipe, { coatsUpTo, ...more }) => {
      recipe.steps.forEach((step, index) => {
        const upTo = coatsUpTo && step.coats < coatsUpTo ? { coatsUpTo } : {};
        readsBack({ ...step, ...more, ...upTo }, besideLine(recipe, index));
      });
    }),
    { numRuns: runs(30) },
  );
});

test('the sentence of a line that is aimed, or whose coats shrink, reads back as that line', () => {
  fc.assert(
    fc.property(anyAimedRecipe, (recipe) => {
      recipe.steps.forEach((step, index) => readsBack(step, besideLine(recipe, index)));
    }),
    { numRuns: runs(30) },
  );
});

test('a pot of any name is said so that it is found', () => {
  fc.assert(
    fc.property(
      fc.array(fc.string({ minLength: 1, unit: 'grapheme' }), { minLength: 1, maxLength: 6 }),
      (names) => {
        const shelf = names.map((name, index) => potWith({ id: `p${index}`, name }));
        const [step] = saidAbove.steps;
        for (const { id } of shelf) {
          const mix = { ...step.mix, parts: [{ from: 'pot' as const, potId: id, parts: 1 }] };
          readsBack({ ...step, mix }, besideLine(saidAbove, 0, new PotNames(shelf)));
        }
      },
    ),
    { numRuns: runs(50) },
  );
});

test('what follows from the line above is not said again', () => {
  const beside = besideLine(saidAbove, 3, new PotNames(saidPots));
  const { step } = readLine('line 3 + ¼ bone', beside, 'new');
  expect(step && lineSentence(step, beside)).toBe('1 of line 3 + ¼ Old Bone');
  expect(step && everyClause(step, beside).length).toBeGreaterThan(6);
});

test('two pots of one name are told apart', () => {
  const beside = besideLine(saidAbove, 3, new PotNames(saidPots));
  const { step } = readLine('"Dry Sand" no. 2', beside, 'new');
  expect(step?.mix.parts).toEqual([{ from: 'pot', potId: 'sand2', parts: 1 }]);
});
