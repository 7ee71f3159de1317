import {
  colourOfLab,
  labsOf,
  paintedCoat,
  shelfOf,
  withFilm,
  type Lab,
  type LogEntry,
  type Recipe,
} from '@yellow-ledger/core';
import { black, coat, levy, line, pots, recipe, skin } from '../../../testing/levy';
import { takeLedger, takeShelf } from '../../../testing/inHand';
import { readingWork } from './readingWork';

const shelf = shelfOf(pots);
const unit = levy.units[0];
const surface = unit.surfaces.find(({ recipe }) => recipe?.recipeId === 'coat') ?? unit.surfaces[0];
const places = [0.2, 0.6, 0.9];
const army = { ...levy, units: [{ ...unit, models: 20 }] };
const asked = { army, unitId: unit.id, surfaceId: surface.id, pin: null };

/** Readings of models that were painted so; each model by its own hand. */
function readingsOf(models: readonly { film: number }[]): LogEntry[] {
  return models.flatMap(({ film }, index) =>
    labsOf(withFilm(coat, film), shelf, places).map((lab, place): LogEntry => ({
      kind: 'reading',
      id: `r${index}-${place}`,
      benchId: 'readings',
      at: new Date(Date.parse('2026-03-01T18:00:00.000Z') + index * 60_000).toISOString(),
      order: index,
      where: { armyId: army.id, unitId: unit.id, surfaceId: surface.id, models: [index + 1] },
      place: places[place],
      lab: [...lab] as [number, number, number],
      from: 'reader',
    })),
  );
}

/** A worker that knows a ledger with this log. */
function workWith(log: readonly LogEntry[]) {
  takeShelf(pots);
  takeLedger([coat, skin], {}, { armies: [army], log });
  return readingWork;
}

test('models painted as written lie on the prediction, and nothing is to be learned', async () => {
  const work = workWith(readingsOf(Array.from({ length: 12 }, () => ({ film: 1 }))));
  const readings = work.readings(asked);
  expect(readings?.places).toEqual(places);
  expect(readings?.read).toHaveLength(12);
  for (const { fromPrediction } of readings?.read ?? [])
    fromPrediction.forEach((difference) => expect(difference).toBeLessThan(1e-6));
  expect(readings?.chart.speaks).toBeNull();
  expect(readings?.causes).toEqual([]);
  expect(readings?.pots).toEqual([]);
});

test('a hand with thinner films is found, with the fit before and after', async () => {
  const work = workWith(readingsOf(Array.from({ length: 4 }, () => ({ film: 0.7 }))));
  const readings = work.readings(asked);
  expect(readings?.film?.value).toBeCloseTo(0.7, 1);
  expect(readings?.film?.after).toBeLessThan(readings?.film?.before ?? 0);
  expect(readings?.chart.limit).toBeNull();
});

test('a hand that changes after the tenth model is told, with how far it has gone', async () => {
  const steady = Array.from({ length: 10 }, (_, i) => ({ film: 1 + 0.01 * ((i * 7) % 5) }));
  const thin = Array.from({ length: 6 }, () => ({ film: 0.4 }));
  const work = workWith(readingsOf([...steady, ...thin]));
  const readings = work.readings(asked);
  expect(readings?.chart.speaks?.at).toBeGreaterThan(10);
  expect(readings?.change).toBeGreaterThan(1);
});

test('a place that was not read of a model leaves the model out, and it is named', async () => {
  const log = readingsOf([{ film: 1 }, { film: 1 }]).slice(0, 5);
  const readings = await workWith(log).readings(asked);
  expect(readings?.read.map(({ model }) => model)).toEqual([1]);
  expect(readings?.left).toEqual([2]);
});

test('a reading is held against what is predicted for its place', async () => {
  const work = workWith([]);
  const [lab] = labsOf(coat, shelf, [0.6]);
  const check = work.checkReading({ ...asked, model: 1, place: 0.6, lab: [...lab] });
  expect(check).toMatchObject({ predictedHex: colourOfLab(...lab).hex, likelier: null });
  expect(check?.difference).toBeLessThan(1e-6);
});

test('the practice reader reads every place of a model, near what is predicted', async () => {
  const work = workWith([]);
  const labs = await work.practiceReading(asked, 1, places);
  expect(labs).toHaveLength(places.length);
  const predicted = labsOf(coat, shelf, places);
  labs.forEach((lab: Lab, i) => expect(Math.abs(lab[0] - predicted[i][0])).toBeLessThan(12));
});

test('a surface that is gone has no readings', async () => {
  const work = workWith([]);
  expect(work.readings({ ...asked, surfaceId: 'nowhere' })).toBeNull();
  expect(await work.practiceReading({ ...asked, surfaceId: 'nowhere' }, 1, places)).toEqual([]);
});

describe('a surface with more on it than its own recipe', () => {
  const glaze = recipe('glaze', [line('tint', 'coot', { technique: 'filter', coats: 3 })]);
  const dusty = {
    ...army,
    units: [
      {
        ...army.units[0],
        overs: [
          {
            id: 'dust',
            name: 'Dust',
            surfaces: [surface.id],
            recipe: { recipeId: 'glaze', version: null },
          },
        ],
      },
    ],
  };
  const bench = { id: 'b', armyId: army.id, room: 'usual' as const, hairDryer: false };
  const coatOf = (painted: Recipe, surfaceId: string, order: number, coat = 1): LogEntry[] =>
    painted.steps.map((step, index) =>
      paintedCoat(
        {
          bench,
          unit: dusty.units[0],
          surface: { ...surface, id: surfaceId },
          recipe: painted,
          version: null,
          models: [1],
        },
        step,
        coat,
        { id: `${painted.id}-${index}-${coat}`, at: '2026-02-01T18:00:00.000Z', order },
        null,
        [],
      ),
    );
  const tinted = [1, 2, 3].flatMap((coat) => coatOf(glaze, 'dust', -4 + coat, coat));
  const differences = (log: readonly LogEntry[]) => {
    takeShelf(pots);
    takeLedger([coat, skin, glaze, black], {}, { armies: [dusty], log });
    return readingWork.readings({ ...asked, army: dusty })?.read[0].fromPrediction ?? [];
  };
  const reading = readingsOf([{ film: 1 }]);

  test('what lies over it when it is read is reckoned with; what came later is not', () => {
    expect(Math.max(...differences(reading))).toBeLessThan(1e-6);
    expect(Math.max(...differences([...tinted, ...reading]))).toBeGreaterThan(3);
    const after = tinted.map((entry, index) => ({ ...entry, order: 50 + index }));
    expect(Math.max(...differences([...reading, ...after]))).toBeLessThan(1e-6);
  });

  test('read before it was painted over, it is held against what it was then', () => {
    const before = coatOf(coat, surface.id, -9);
    const over = {
      ...dusty,
      units: [
        {
          ...dusty.units[0],
          surfaces: dusty.units[0].surfaces.map((each) =>
            each.id === surface.id
              ? { ...each, recipe: { recipeId: 'black', version: null } }
              : each,
          ),
        },
      ],
    };
    takeShelf(pots);
    takeLedger([coat, skin, glaze, black], {}, { armies: [over], log: [...before, ...reading] });
    const read = readingWork.readings({ ...asked, army: over })?.read[0].fromPrediction ?? [];
    // One coat of each line was noted: it is the yellow, and not the black that is to come.
    takeLedger([coat, skin, glaze, black], {}, { armies: [over], log: reading });
    const asBlack = readingWork.readings({ ...asked, army: over })?.read[0].fromPrediction ?? [];
    expect(Math.max(...read)).toBeLessThan(Math.max(...asBlack));
  });
});
