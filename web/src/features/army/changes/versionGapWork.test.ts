import { paintedCoat, strippedEntries, type Bench, type LogEntry } from '@yellow-ledger/core';
import { black, coat, levy, levyWith, line, now, pots, recipe, skin } from '../../../testing/levy';
import { takeLedger, takeShelf } from '../../../testing/inHand';
import { versionGapWork } from './versionGapWork';

const [watch] = levy.units;
const [cloth, face] = watch.surfaces;
const lighter = {
  ...coat,
  steps: [coat.steps[0], line('edge', 'cheek', { ...coat.steps[1], id: 'edge' })],
};
const newer = {
  ...coat,
  steps: [coat.steps[0], { ...coat.steps[1], mix: lighter.steps[1].mix, coats: 3 }],
};
const on = (version: number | null) =>
  levyWith({ surfaces: [{ ...cloth, recipe: now('coat', version) }, face] });

const bench: Bench = {
  id: 'bench',
  name: 'Watch on the table',
  startedAt: '2026-03-01T18:00:00.000Z',
  isCleared: false,
  armyId: 'levy',
  models: [],
  room: 'usual',
  keeping: 'open',
  hairDryer: false,
};

beforeEach(() => takeShelf(pots));

describe('an older version', () => {
  test('who is painted by an older version is named with what differs and what it costs', async () => {
    takeLedger([newer, skin], { coat: [coat, newer] });
    const [outdated, ...others] = versionGapWork.outdated(on(1));
    expect(others).toEqual([]);
    expect(outdated).toMatchObject({
      unitId: 'watch',
      surfaceId: 'coat',
      pin: now('coat', 1),
      newest: now('coat', 2),
      models: [1, 2, 3, 4],
    });
    expect(outdated.gap.cost.stepIds).toEqual(['edge']);
    expect(outdated.gap.worst.difference).toBeGreaterThan(0);
  });

  test('on the newest version, or on the page as it is, nothing is outdated', async () => {
    takeLedger([newer, skin], { coat: [coat, newer] });
    expect(versionGapWork.outdated(on(2))).toEqual([]);
    expect(versionGapWork.outdated(on(null))).toEqual([]);
  });

  test('models on two versions are told apart', async () => {
    takeLedger([newer, skin], { coat: [coat, newer, { ...newer, name: 'Third' }] });
    const mixed = {
      ...on(1),
      units: on(1).units.map((unit) => ({
        ...unit,
        own: [{ model: 4, surfaceId: 'coat', recipe: now('coat', 2) }],
      })),
    };
    const outdated = versionGapWork.outdated(mixed);
    expect(outdated.map(({ pin, models }) => [pin.version, models])).toEqual([
      [1, [1, 2, 3]],
      [2, [4]],
    ]);
    // The third version differs from the second in its name alone.
    expect(outdated[1].gap.cost.coats).toBe(0);
  });
});

describe('a finished surface in another colour', () => {
  test('takes coats to cover, and names who lies beside it', async () => {
    takeLedger([coat, skin, black]);
    const { repaint, neighbours } = versionGapWork.repaint(
      levy,
      'watch',
      'coat',
      now('black'),
      null,
    );
    expect(repaint?.coatsToCover).toBeGreaterThan(0);
    expect(repaint?.cost.minutes).toBeGreaterThan(0);
    expect(neighbours).toEqual(['Face']);
  });

  test('on another sub-assembly nobody lies beside it', async () => {
    takeLedger([coat, skin, black]);
    const apart = levyWith({ surfaces: [cloth, { ...face, subAssembly: 'head' }] });
    expect(versionGapWork.repaint(apart, 'watch', 'coat', now('black'), null).neighbours).toEqual(
      [],
    );
  });

  test('where nobody knows what stands there, nothing is reckoned', async () => {
    takeLedger([skin, black]);
    const unknown = { repaint: null, painted: [], model: null, neighbours: [] };
    expect(versionGapWork.repaint(levy, 'watch', 'coat', now('black'), null)).toEqual(unknown);
    expect(versionGapWork.repaint(levy, 'gone', 'coat', now('black'), null)).toEqual(unknown);
    expect(versionGapWork.repaint(levy, 'watch', 'face', now('gone'), null)).toEqual(unknown);
  });

  /** The coat of model 2 as somebody painted it black, in one coat of its base. */
  const paintedBlack: LogEntry = {
    ...paintedCoat(
      { bench, unit: watch, surface: cloth, recipe: black, version: null, models: [2] },
      black.steps[0],
      1,
      { id: 'e1', at: bench.startedAt, order: 1 },
      null,
      [],
    ),
  };

  test('stands there as the log has it, whatever its scheme says', async () => {
    takeLedger([coat, skin, black], {}, { armies: [levy], log: [paintedBlack] });
    const { painted, model, repaint } = versionGapWork.repaint(
      levy,
      'watch',
      'coat',
      now('coat'),
      null,
    );
    expect([painted, model]).toEqual([[2], 2]);
    expect(repaint?.from[12].value).toBeLessThan(15);
    const stripped = strippedEntries('levy', watch, [2], (before) => ({
      id: `s${before.length}`,
      at: bench.startedAt,
      order: 2,
      benchId: 'levy',
    }));
    takeLedger([coat, skin, black], {}, { armies: [levy], log: [paintedBlack, ...stripped] });
    expect(versionGapWork.repaint(levy, 'watch', 'coat', now('coat'), null).painted).toEqual([]);
  });

  test('a paint that hides little is helped by one under it, and costs less once all is stripped', async () => {
    const yellow = recipe('yellow', [line('base', 'oilskin', { coats: 3 })], {
      groundPotId: 'soot',
    });
    takeLedger([coat, skin, black, yellow], {}, { armies: [levy], log: [paintedBlack] });
    const { repaint } = versionGapWork.repaint(levy, 'watch', 'coat', now('yellow'), null);
    expect(repaint?.underColour?.underCoats).toBeGreaterThan(0);
    const { coatsToCover, underColour, cost, costStripped } = repaint!;
    expect(underColour!.underCoats + underColour!.coats!).toBeLessThan(coatsToCover ?? Infinity);
    expect(costStripped.coats).toBe(3);
    expect(cost.coats).toBeGreaterThanOrEqual(3);
  });
});
