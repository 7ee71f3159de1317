import { groundOf, potOn } from '../../../predicted/paint/mixedPaint';
import { laidOver } from '../../../predicted/buildUp/surfaceBelow';
import { surfaceColour } from '../../../light/colour/surfaceColour';
import type { Step } from '../../../written/recipe/step';
import { mixOf, recipeWith, shelf, stepWith } from '../../../testing/sampleRecipe';
import { shadedCloth } from '../../../testing/shadedCloth';
import { paintedAndRead } from '../../../testing/simulatedPainter';
import { controlChart, firstModels, type Lab, type ReadModel } from './controlChart';
import { explainDrift, labsOf } from './explainDrift';
import { withFilm } from '../../../written/lines/withFilm';
import { fitFilm, fitHiding } from './fitHand';
import { likelierPlace } from './likelierPlace';
import { readModels } from './readModels';
import { evening, levy } from '../../../testing/sampleLog';
import type { LogEntry } from '../log/entry';

const recipe = shadedCloth(1);
const places = [0.15, 0.6, 0.9];
/** The middle one lies on the fade where a layer begins: it reads wildly. */
const onAFade = [0.15, 0.5, 0.9];
const changed = (id: string, change: Partial<Step>) => ({
  ...recipe,
  steps: recipe.steps.map((step) => (step.id === id ? { ...step, ...change } : step)),
});
const runs = 20;
const forty = (from20: typeof recipe) => [
  ...Array.from({ length: 20 }, () => recipe),
  ...Array.from({ length: 20 }, () => from20),
];

const causes: [string, typeof recipe][] = [
  [
    'a line loaded otherwise',
    changed('layer', { mix: mixOf({ brown: 3, bone: 1 }, { waterParts: 3 }) }),
  ],
  ['a coat that is missing', changed('layer', { coats: 1 })],
  ['another pot', changed('light', { mix: mixOf({ brown: 1, yellow: 1 }, { waterParts: 1 }) })],
  ['a line left out', changed('wash', { isOut: true })],
];

describe('forty models by a steady hand, read at three places', () => {
  test.each(causes)('%s after the twentieth is told within five models', async (_cause, from20) => {
    let told = 0;
    for (let run = 0; run < runs; run++) {
      const { speaks } = controlChart(await paintedAndRead(forty(from20), shelf, places, 50 + run));
      if (speaks && speaks.at > 20 && speaks.at <= 25) told++;
    }
    expect(told).toBeGreaterThanOrEqual(0.9 * runs);
  });

  test.each([
    ['where it is even', places],
    ['on a fade', onAFade],
  ])(
    'with no change, read %s, it speaks falsely in at most one of twenty runs',
    async (_where, at) => {
      let spoken = 0;
      for (let run = 0; run < 2 * runs; run++) {
        const { speaks } = controlChart(await paintedAndRead(forty(recipe), shelf, at, 900 + run));
        if (speaks) spoken++;
      }
      expect(spoken).toBeLessThanOrEqual(2);
    },
  );
});

describe('a control chart', () => {
  const grey = (model: number, value: number): ReadModel => ({ model, labs: [[value, 0, 0]] });

  test('says nothing, and has no limit, before there are enough models', () => {
    const few = Array.from({ length: firstModels - 1 }, (_, i) => grey(i + 1, 50 + 20 * (i % 2)));
    expect(controlChart(few)).toMatchObject({ speaks: null, limit: null });
    expect(controlChart([])).toEqual({ points: [], speaks: null, limit: null });
  });

  test('one odd model is no change; three in a row are', () => {
    const even = (count: number) =>
      Array.from({ length: count }, (_, i) => grey(i + 1, 50 + 0.3 * ((i * 7) % 5)));
    const odd = [...even(12), grey(13, 60), ...even(6).map((m) => ({ ...m, model: m.model + 13 }))];
    expect(controlChart(odd).speaks).toBeNull();
    const moved = [...even(12), grey(13, 60), grey(14, 60.4), grey(15, 60.1)];
    expect(controlChart(moved).speaks).toEqual({ at: 15, from: 13 });
    expect(controlChart(moved).points.at(-1)?.distance).toBeGreaterThan(
      controlChart(moved).limit ?? Infinity,
    );
  });
});

describe('what explains a drift best', () => {
  const pots = ['yellow', 'white', 'bone', 'red', 'blue'];
  const changeTo = (other: typeof recipe): Lab[] => {
    const usual = labsOf(recipe, shelf, places);
    return labsOf(other, shelf, places).map(([value, a, b], i): Lab => [
      value - usual[i][0],
      a - usual[i][1],
      b - usual[i][2],
    ]);
  };

  test.each([
    ['A coat of line 3 is missing.', causes[1][1]],
    ['Line 4 was mixed with yellow in place of bone.', causes[2][1]],
    ['Line 2 was left out.', causes[3][1]],
  ])('%s', (sentence, other) => {
    const [first] = explainDrift(recipe, shelf, places, changeTo(other), pots);
    expect(first.sentence).toBe(sentence);
    expect(first.explains).toBeGreaterThan(0.99);
  });

  test('a change nothing would make is not explained', () => {
    const violet: Lab[] = places.map(() => [0, 40, -60]);
    expect(explainDrift(recipe, shelf, places, violet, [])).toEqual([]);
  });
});

describe('learning from readings', () => {
  const readOf = (painted: typeof recipe, on = shelf) => [
    { recipe, places, labs: labsOf(painted, on, places) },
  ];

  test('a hand whose films are a third thicker is found, and the fit is better', () => {
    const fit = fitFilm(readOf(withFilm(recipe, 1.33)), shelf);
    expect(fit.value).toBeCloseTo(1.33, 2);
    expect(fit.after).toBeLessThan(0.05);
    expect(fit.after).toBeLessThan(fit.before);
    expect(fit.readings).toBe(3);
  });

  test('a pot that hides less than it says is found', () => {
    const thin = new Map(shelf).set('bone', { ...potOn(shelf, 'bone'), hiding: 0.4 });
    const fit = fitHiding(readOf(recipe, thin), shelf, 'bone');
    expect(fit.value).toBeCloseTo(0.4, 2);
    expect(fit.after).toBeLessThan(fit.before);
  });

  test('where the figures are right already nothing is gained', () => {
    const fit = fitFilm(readOf(recipe), shelf);
    expect(fit).toMatchObject({ value: 1, before: 0, after: 0 });
    expect(() => fitFilm([], shelf)).toThrow(RangeError);
  });
});

describe('a reading of the wrong place', () => {
  const labAt = (at: number): Lab => {
    const ground = groundOf(potOn(shelf, recipe.groundPotId));
    const [spectrum] = laidOver(recipe, shelf, [ground], { stops: [at] });
    const { value, a, b } = surfaceColour(spectrum);
    return [value, a, b];
  };

  test('is told by the place it fits', () => {
    expect(likelierPlace(labAt(0.92), 0, recipe, shelf)).toMatchObject({ place: 'edge' });
    expect(likelierPlace(labAt(0), 0.92, recipe, shelf)).toMatchObject({ place: 'pit' });
  });

  test('is not suspected where it fits, or fits nowhere', () => {
    expect(likelierPlace(labAt(0.5), 0.5, recipe, shelf)).toBeNull();
    expect(likelierPlace([50, 80, -80], 0.5, recipe, shelf)).toBeNull();
  });
});

describe('readings in the log', () => {
  const reading = (order: number, model: number, place: number, value: number): LogEntry => ({
    kind: 'reading',
    id: `r${order}`,
    benchId: 'bench',
    at: new Date(evening + order * 1000).toISOString(),
    order,
    where: { armyId: levy.id, unitId: 'watch', surfaceId: 'cloak', models: [model] },
    place,
    lab: [value, 0, 0],
    from: 'reader',
  });

  test('stand model by model; a second reading of a place counts, a model short of one is left', () => {
    const entries = [
      reading(1, 1, 0.9, 60),
      reading(2, 1, 0.15, 20),
      reading(3, 2, 0.15, 21),
      reading(4, 2, 0.9, 61),
      reading(5, 2, 0.9, 62),
      reading(6, 3, 0.9, 63),
    ];
    expect(readModels(entries, 'watch', 'cloak')).toEqual({
      places: [0.15, 0.9],
      models: [
        {
          model: 1,
          labs: [
            [20, 0, 0],
            [60, 0, 0],
          ],
        },
        {
          model: 2,
          labs: [
            [21, 0, 0],
            [62, 0, 0],
          ],
        },
      ],
      left: [3],
    });
    expect(readModels(entries, 'watch', 'helm').models).toEqual([]);
  });
});

test('a place is read where a line is aimed as well as elsewhere, each against its own prediction', () => {
  const glow = stepWith({ id: 'glow', mix: mixOf({ yellow: 1 }), coats: 3 });
  const aimed = recipeWith([
    stepWith({ id: 'base', mix: mixOf({ red: 1 }), coats: 2 }),
    {
      ...glow,
      placement: { ...glow.placement, from: 0, aim: { facing: { side: 'down', within: 70 } } },
    },
  ]);
  const [plain, there] = labsOf(aimed, shelf, [0.5, { at: 0.5, line: 'glow' }]);
  expect(there[0]).toBeGreaterThan(plain[0] + 15);
  expect(labsOf(aimed, shelf, [{ at: 0.5, line: 'nobody' }])).toEqual([plain]);
  const film = fitFilm(
    [
      {
        recipe: aimed,
        places: [{ at: 0.5, line: 'glow' }],
        labs: labsOf(withFilm(aimed, 0.8), shelf, [{ at: 0.5, line: 'glow' }]),
      },
    ],
    shelf,
  );
  expect(film.value).toBeCloseTo(0.8, 1);
});
