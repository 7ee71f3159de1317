import fc from 'fast-check';
import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import { flattenMix } from '../../written/recipe/flattenMix';
import { shelfOf } from '../../predicted/paint/mixedPaint';
import { recipeSchema } from '../../written/recipe/recipe';
import { opticsOfPot } from '../../predicted/paint/opticsOfPot';
import { placeOf } from '../../written/place/toneAxis';
import { pots, potWith, recipeWith } from '../../testing/sampleRecipe';
import { anyHex } from '../../testing/arbitraries';
import { buildProgression, NothingToPaintWith } from './buildProgression';
import { paintsAtHand } from './choosePots';
import { nearestMix } from './nearestMix';
import { progressionOptionsSchema, type ProgressionOptions } from './progressionOptions';
import { lightenChoices, schoolNames, shadeChoices, thinChoices } from './schools';
import { tonalLadder } from './tonalLadder';
import { runs } from '../../testing/longTests';

const shelf = shelfOf([
  ...Object.values(pots),
  potWith({ id: 'pale', kind: 'primer', swatch: '#efeee9', hiding: 0.9 }),
]);

const options: ProgressionOptions = {
  school: 'restore',
  mid: { from: 'pot', potId: 'yellow' },
  darks: 2,
  lights: 2,
  shadeWith: 'warmBrown',
  lightenWith: 'bone',
  thinWith: 'water',
  finishLevel: 'table',
  groundPotId: 'black',
};

const keysOf = <Choices extends object>(choices: Choices) =>
  fc.constantFrom(...(Object.keys(choices) as (keyof Choices)[]));

const anyOptions: fc.Arbitrary<ProgressionOptions> = fc.record({
  school: fc.constantFrom(...schoolNames),
  mid: fc.oneof(
    fc
      .constantFrom('yellow', 'red', 'blue', 'bone', 'copper')
      .map((potId) => ({ from: 'pot' as const, potId })),
    anyHex.map((hex) => ({ from: 'colour' as const, hex })),
  ),
  darks: fc.integer({ min: 0, max: 3 }),
  lights: fc.integer({ min: 0, max: 4 }),
  shadeWith: keysOf(shadeChoices),
  lightenWith: keysOf(lightenChoices),
  thinWith: keysOf(thinChoices),
  finishLevel: fc.constantFrom('field', 'table', 'display'),
  groundPotId: fc.constantFrom('black', 'pale'),
});

test('whatever is asked for, the draft is a recipe whose covering lines cover or say that they do not', () => {
  fc.assert(
    fc.property(anyOptions, (asked) => {
      expect(progressionOptionsSchema.safeParse(asked).success).toBe(true);
      const { steps, groundPotId, notes } = buildProgression(asked, shelf);
      const recipe = recipeWith(steps, { groundPotId, finishLevel: 'display' });
      expect(recipeSchema.safeParse(recipe).success).toBe(true);
      expect(steps.length).toBeGreaterThan(0);
      predictBuildUp(recipe, shelf).steps.forEach(({ coverage }, index) => {
        if (!coverage || (coverage.coats ?? Infinity) <= steps[index].coats) return;
        expect(notes.some((note) => note.startsWith(`Line ${index + 1} does not cover`))).toBe(
          true,
        );
      });
    }),
    { numRuns: runs(60) },
  );
});

test.each(schoolNames)('%s ends lighter at the crown than in the recess', (school) => {
  const { steps, groundPotId } = buildProgression({ ...options, school }, shelf);
  const { steps: built, stops } = predictBuildUp(
    recipeWith(steps, { groundPotId, finishLevel: 'display' }),
    shelf,
  );
  const value = (name: 'recess' | 'crown') =>
    built.at(-1)!.surface[stops.indexOf(placeOf(name))].value;
  expect(value('crown')).toBeGreaterThan(value('recess') + 8);
});

test('the ways differ in what goes on first', () => {
  const first = (school: (typeof schoolNames)[number]) => {
    const { steps, groundPotId } = buildProgression(
      { ...options, school, groundPotId: 'pale' },
      shelf,
    );
    const { mix } = predictBuildUp(recipeWith(steps, { groundPotId }), shelf).steps[0];
    return { technique: steps[0].technique, value: mix.colour.value };
  };
  expect(first('shadowUp').value).toBeLessThan(first('restore').value);
  expect(first('lightDown').value).toBeGreaterThan(first('restore').value);
  expect(first('oneCoat').technique).toBe('oneCoat');
});

test('sketching ends in filters, and one-coat asks for a pale ground', () => {
  expect(buildProgression({ ...options, school: 'sketch' }, shelf).steps.at(-1)?.technique).toBe(
    'filter',
  );
  const oneCoat = buildProgression({ ...options, school: 'oneCoat' }, shelf);
  expect(oneCoat.groundPotId).toBe('pale');
  expect(oneCoat.notes.join()).toContain('needs a pale ground');
});

test('three tones: 2 dark to 1 mid, then 2 mid to 1 light, half and half, pure light', () => {
  const { steps } = buildProgression(
    { ...options, school: 'threeTone', mid: { from: 'pot', potId: 'brown' } },
    shelf,
  );
  const shares = steps.map((step, index) =>
    Object.fromEntries(
      flattenMix(step.mix, steps.slice(0, index)).map(({ potId, share }) => [potId, share]),
    ),
  );
  const lights = shares.filter((mix) => mix.bone);
  expect(lights.map(({ bone }) => bone)).toEqual([1 / 3, 0.5, 1]);
});

test('thinner is the one asked for', () => {
  const thinner = (thinWith: ProgressionOptions['thinWith']) =>
    buildProgression({ ...options, thinWith }, shelf).steps.find(
      ({ technique }) => technique === 'layer',
    )!.mix;
  expect(thinner('water')).toMatchObject({ mediumParts: 0 });
  expect(thinner('medium')).toMatchObject({ waterParts: 0 });
  expect(thinner('both').waterParts).toBe(thinner('both').mediumParts);
});

test('a shelf of one pot gives a base and says what is missing', () => {
  const one = shelfOf([pots.yellow, pots.black]);
  const { steps, notes } = buildProgression(options, one);
  expect(
    steps.every(({ mix }) =>
      mix.parts.every((part) => part.from === 'pot' && part.potId === 'yellow'),
    ),
  ).toBe(true);
  expect(notes.join()).toContain('no darks');
  expect(notes.join()).toContain('no lights');
});

test('a shelf without paint says so', () => {
  const none = shelfOf([pots.black]);
  expect(() =>
    buildProgression({ ...options, mid: { from: 'colour', hex: '#c08020' } }, none),
  ).toThrow(NothingToPaintWith);
});

test('what is not on the shelf is stood in for, and said', () => {
  const plain = shelfOf([pots.red, pots.blue, pots.white, pots.black]);
  const { notes } = buildProgression({ ...options, mid: { from: 'pot', potId: 'red' } }, plain);
  expect(notes.join()).toContain('You do not have bone or cream: white is used instead.');
});

test('the nearest mix to a pot’s own colour is that pot, and two pots are used only where they help', () => {
  const paints = paintsAtHand(shelf);
  for (const { id, swatch } of paints) {
    const found = nearestMix(swatch, paints)!;
    expect(found.error).toBeLessThan(0.1);
    expect(found.parts).toEqual([{ from: 'pot', potId: id, parts: 1 }]);
  }
  expect(nearestMix('#123456', [])).toBeNull();
});

test('a ladder goes one way, never further than asked, in whole parts', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 4 }),
      fc.integer({ min: 10, max: 40 }),
      (count, furthest) => {
        const rungs = tonalLadder(
          opticsOfPot(pots.red.swatch, pots.red.hiding),
          opticsOfPot(pots.white.swatch, pots.white.hiding),
          count,
          furthest,
        );
        expect(rungs).toHaveLength(count);
        const values = rungs.map(({ value }) => value);
        expect([...values].sort((one, other) => one - other)).toEqual(values);
      },
    ),
    { numRuns: runs(25) },
  );
});
