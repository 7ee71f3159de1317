import type { Recipe } from '../../written/recipe/recipe';
import { stages, stepSchema } from '../../written/recipe/step';
import { techniqueNames, techniqueOf } from '../../written/technique/techniques';
import { saidAbove, saidPots } from '../../testing/shorthand/shelf';
import { potWith } from '../../testing/sampleRecipe';
import { lineFrom } from './lineFrom';
import { PotNames } from './potNames';
import { readLine } from './readLine';
import { vocabulary } from './strict/vocabulary';

const names = new PotNames(saidPots);
const beside = { names, recipe: saidAbove, above: saidAbove.steps };
const onNothing = { names, recipe: { ...saidAbove, steps: [] } as Recipe, above: [] };
const said = (sentence: string, at = beside) => {
  const { step, marks } = readLine(sentence, at, 'new');
  if (!step || marks.length > 0) throw new Error(`not read: ${sentence}: ${JSON.stringify(marks)}`);
  return step;
};

test('an empty page begins with a base coat of the first paint, twice', () => {
  expect(lineFrom({ parts: [] }, onNothing, 'new')).toMatchObject({
    stage: 'base',
    technique: 'brushCoat',
    coats: 2,
    mix: { parts: [{ potId: 'ochre' }], waterParts: 0.5 },
  });
});

test('a wash is put on as a wash, neat, a primer primes, and a varnish finishes', () => {
  expect(said('sepia')).toMatchObject({
    stage: 'shade',
    technique: 'allOverWash',
    mix: { waterParts: 0, mediumParts: 0 },
  });
  expect(said('lampsoot')).toMatchObject({ stage: 'prime', technique: 'brushCoat' });
  expect(said('reedmat')).toMatchObject({ stage: 'finish', technique: 'brushCoat' });
});

test('thinner is as its owner likes it, then as the line above has it, then as is usual', () => {
  const liked = potWith({
    id: 'bone',
    name: 'Old Bone',
    usualThinner: { waterParts: 2, mediumParts: 1 },
  });
  const others = saidPots.filter(({ id }) => id !== 'bone');
  const theirs = { ...beside, names: new PotNames([liked, ...others]) };
  expect(said('layer bone', theirs).mix).toMatchObject({ waterParts: 2, mediumParts: 1 });
  expect(said('layer bone').mix).toMatchObject({ waterParts: 1, mediumParts: 0 });
  expect(said('glaze bone').mix).toMatchObject(techniqueOf('placedGlaze').usualThinning);
  expect(said('edge line bone').mix).toMatchObject(techniqueOf('edgeLine').usualThinning);
});

test('what is said of water or medium leaves the other out', () => {
  expect(said('bone, 3 medium').mix).toMatchObject({ waterParts: 0, mediumParts: 3 });
  expect(said('bone, 3 water').mix).toMatchObject({ waterParts: 3, mediumParts: 0 });
});

test('lights go on upwards from the line above, and never past the edge', () => {
  let above = saidAbove.steps;
  const starts: number[] = [];
  for (let line = 0; line < 6; line++) {
    const step = lineFrom({ parts: [] }, { ...beside, above }, `l${line}`);
    starts.push(step.placement.from);
    above = [...above, step];
  }
  expect([...starts].sort((one, other) => one - other)).toEqual(starts);
  expect(starts.at(-1)).toBe(0.92);
});

test('a shade lies in the shadows, its strokes drawn down', () => {
  expect(said('shade umber').placement).toMatchObject({ from: 0, to: 0.32, pull: 'down' });
});

test('a line that is only aimed goes on every tone that faces so', () => {
  expect(said('red underside').placement).toMatchObject({
    from: 0,
    to: 1,
    aim: { facing: { side: 'down', within: 75 } },
  });
});

test('every technique is called by a word that means nothing else, and has a stage', () => {
  expect.hasAssertions();
  for (const name of techniqueNames) {
    const { saidAs, usualStage, usualThinning } = techniqueOf(name);
    expect(vocabulary.get(saidAs[0])).toMatchObject({ kind: 'technique', value: name });
    expect(stages).toContain(usualStage);
    expect(usualThinning.waterParts + usualThinning.mediumParts).toBeGreaterThanOrEqual(0);
    const sentence = techniqueOf(name).lifts ? saidAs[0] : `${saidAs[0]} bone`;
    expect(said(sentence).technique).toBe(name);
  }
});

test.each<[sentence: string, placement: object]>([
  ['bone, tone 0.2 to 0.7, soft 0.2', { from: 0.2, to: 0.7, softness: 0.2 }],
  ['bone, along 0.1 to 0.4 soft 0.05', { aim: { along: { from: 0.1, to: 0.4, softness: 0.05 } } }],
  ['bone, height 0.5 to 1', { aim: { height: { from: 0.5, to: 1, softness: 0.1 } } }],
  ['bone facing up within 40°', { aim: { facing: { side: 'up', within: 40 } } }],
  [
    'bone mid up, each coat smaller, the last crown up',
    { from: 0.5, to: 1, last: { from: 0.8, to: 1 } },
  ],
  [
    'bone underside, each coat smaller, the last 0 to 1 within 30°',
    { last: { from: 0, to: 1, within: 30 } },
  ],
])('%s goes where it says', (sentence, placement) => {
  expect(said(sentence).placement).toMatchObject(placement);
});

test.each([
  ['bone, tone 0.7 to 0.2', 'the lower end first'],
  ['bone, tone 0 to 7', 'from 0 to 1'],
  ['bone, soft 3', 'a softness from 0 to 0.5'],
  ['bone facing up within 400°', '0 to 180 degrees'],
  ['bone, density 9', 'a density from 0.1 to 3'],
  ['bone, dry 9000 min', '0 to 2880 minutes'],
  ['0 bone', 'parts above 0'],
  ['bone, 3 to 2 coats', 'more coats at the most'],
  ['bone, each coat smaller, the last 0 to 1 within 30°', 'not aimed at a side'],
])('%s is told what would be right', (sentence, words) => {
  const { marks } = readLine(sentence, beside, 'new');
  expect(marks.map(({ message }) => message).join(' ')).toContain(words);
});

test.each<[sentence: string, part: object]>([
  ['bone, it marks', { meaning: 'mark' }],
  ['bone, old brush, its tip', { tool: { isOld: true, uses: 'tip' } }],
  ['bone, 3 coats at display', { coatsAt: { display: 3 } }],
  ['bone, left out', { isOut: true }],
  ['bone, repairs line 1', { restores: 'one' }],
  ['bone, density 1.5', { density: 1.5 }],
  ['bone, dry 1½ hours', { dryMinutes: 90 }],
  ['bone, 2 coats until even', { coats: 2, coatsUpTo: 3 }],
  ['bone, note "mind the \\"hem\\""', { note: 'mind the "hem"' }],
])('%s is part of the line', (sentence, part) => {
  const step = said(sentence);
  expect(step).toMatchObject(part);
  expect(stepSchema.safeParse(step).success).toBe(true);
});
