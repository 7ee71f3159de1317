import fc from 'fast-check';
import { predictBuildUp } from '../predicted/buildUp/predictBuildUp';
import { anyRecipe } from '../testing/anyRecipe';
import { mixOf, recipeWith, shelf, stepWith } from '../testing/sampleRecipe';
import { mixWords } from '../written/mix/mixWords';
import { recipeMarkdown } from './recipeMarkdown';
import { recipeStrip } from './recipeStrip';
import { runs } from '../testing/longTests';

const recipe = recipeWith(
  [
    stepWith({ id: 'a', mix: mixOf({ yellow: 3, brown: 1 }, { waterParts: 0.5 }), coats: 2 }),
    stepWith({ id: 'b', technique: 'filter', mix: mixOf({ brown: 1 }, { mediumParts: 4 }) }),
    stepWith({ id: 'c', technique: 'point', mix: mixOf({ white: 1 }), level: 'display' }),
  ],
  { name: 'Oil|skin <b>', notes: 'Hem last.' },
);

test('the Markdown has a row a painted line, with every ratio in its words', () => {
  const text = recipeMarkdown(recipe, shelf);
  const rows = text.split('\n').filter((line) => /^\| \d/.test(line));
  expect(rows).toHaveLength(2);
  expect(rows[0]).toContain(
    '3 yellow + 1 brown | 1 paint : ½ water (67 % paint, smooth) | 2 coats',
  );
  expect(rows[1]).toContain('1 paint : 4 medium');
  expect(text).toContain('Hem last.');
});

test('names that look like markup stay text in both', () => {
  expect(recipeMarkdown(recipe, shelf)).toContain('# Oil\\|skin \\<b\\>');
  const svg = recipeStrip(recipe, predictBuildUp(recipe, shelf), shelf);
  expect(svg).toContain('Oil|skin &lt;b&gt;');
  expect(svg).not.toContain('<b>');
});

test('spraying keeps its caution wherever the recipe goes', () => {
  const sprayed = recipeWith([stepWith({ id: 's', technique: 'spray' })]);
  expect(recipeMarkdown(sprayed, shelf)).toContain('Caution: Mist and solvent');
});

test('the strip has a ribbon a painted line and one for the ground, none of it from outside', () => {
  fc.assert(
    fc.property(anyRecipe, (any) => {
      const build = predictBuildUp(any, shelf);
      const svg = recipeStrip(any, build, shelf);
      const painted = build.steps.filter(({ isIncluded }) => isIncluded).length;
      expect(svg.match(/<linearGradient/g)).toHaveLength(painted + 1);
      expect(svg).not.toMatch(/href|<script|<image|<foreignObject/);
    }),
    { numRuns: runs(20) },
  );
});

test('notes stay text in the Markdown, line by line', () => {
  const recipe = recipeWith([stepWith({ id: 'a' })], { notes: '# Not a head\n<b>loud</b> | cell' });
  const lines = recipeMarkdown(recipe, shelf).split('\n');
  expect(lines).toContain('\\# Not a head');
  expect(lines).toContain('\\<b\\>loud\\</b\\> \\| cell');
});

test('signs XML has no place for are left out of the strip', () => {
  const recipe = recipeWith([stepWith({ id: 'a' })], { name: 'Mud\u0000\u0008\ud800 & \u{1F3A8}' });
  const strip = recipeStrip(recipe, predictBuildUp(recipe, shelf), shelf);
  expect(strip).toContain('<title>Mud &amp; \u{1F3A8}</title>');
});

test('a name that turns text round does not turn its mix round', () => {
  const words = mixWords(
    mixOf({ a: 3, b: 1 }),
    (id) => `\u202e${id}\u2066`,
    () => 0,
  );
  expect(words).toBe('3 a + 1 b');
});
