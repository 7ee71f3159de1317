import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import { recipeSchema } from '../../written/recipe/recipe';
import { judge, remarksOf } from '../../testing/practice/judge';
import { isLong, sampled } from '../../testing/longTests';
import { practicePots, practiceShelf } from '../../testing/practice/practicePots';
import { byAnotherHand, ofAnotherMaker } from '../../testing/practice/shakingHand';
import { applyFix } from './fixes/fix';
import { stoppingPoints } from './stoppingPoints';

const corpus = judge();

test('the corpus is as large as it is to be, and every recipe of it could be saved', () => {
  expect(corpus.good.length).toBeGreaterThanOrEqual(40);
  expect(corpus.faulty.length).toBeGreaterThanOrEqual(60);
  for (const { recipe } of [...corpus.good, ...corpus.faulty])
    expect(recipeSchema.safeParse(recipe).error).toBeUndefined();
});

test('recipes as good painters paint them draw no wrong objection', () => {
  const wrong = corpus.good.flatMap(({ recipe, wrong }) =>
    wrong.map(({ rule, sentence }) => `${recipe.name}: ${rule}: ${sentence}`),
  );
  expect(wrong).toEqual([]);
});

test('every fault drawn in is caught by the right remark', () => {
  const missed = corpus.faulty.filter(({ isCaught }) => !isCaught).map(({ fault }) => fault.fault);
  expect(missed).toEqual([]);
});

test.each(sampled([31, 32], 1))(
  'by other hands with pots of other makers it stays so (seed %s)',
  (seed) => {
    const { good, faulty } = judge(
      (recipe) => byAnotherHand(recipe, seed),
      ofAnotherMaker(practicePots, seed),
    );
    const wrong = good.filter((each) => each.wrong.length > 0).length;
    const caught = faulty.filter(({ isCaught }) => isCaught).length;
    expect(wrong / good.length).toBeLessThanOrEqual(2 / 40);
    expect(caught / faulty.length).toBeGreaterThanOrEqual(54 / 60);
  },
);

test('no mend makes a recipe worse, played forward, all of them', () => {
  // Every fourth of them; the long run plays all.
  const played = [...corpus.good, ...corpus.faulty].filter((_, i) => isLong || i % 4 === 0);
  const worse = played.flatMap(({ recipe }) => {
    const before = remarksOf(recipe).filter(({ kind }) => kind === 'objection');
    return remarksOf(recipe).flatMap((remark) =>
      remark.fixes.flatMap((fix) => {
        const after = remarksOf(applyFix(recipe, fix)).filter(({ kind }) => kind === 'objection');
        return after.length > before.length
          ? [`${recipe.name}: ${fix.label}: ${after.map(({ sentence }) => sentence).join(' ')}`]
          : [];
      }),
    );
  });
  expect(worse).toEqual([]);
});

test('nobody is told to stop while only the pre-light is on', () => {
  const lit = corpus.good.find(({ recipe }) => recipe.steps[0]?.stage === 'prime')!.recipe;
  const stops = stoppingPoints(lit, predictBuildUp(lit, practiceShelf), practiceShelf);
  const primed = lit.steps.filter(({ stage }) => stage === 'prime').map(({ id }) => id);
  expect(primed.filter((id) => stops.includes(id))).toEqual([]);
});
