import fc from 'fast-check';
import { brushedOf } from './mixed/asMixed';
import { armyProgress } from './armyProgress';
import { entrySchema, type LogEntry } from './entry';
import { learnedFrom, learnFigures } from './learnFigures';
import { paintTaken } from './paintTaken';
import { sessionsOf } from './sessions';
import { nextOrder, standing } from './standing';
import { cloak, evening, levy, recipeOf, WrittenLog } from '../../../testing/sampleLog';

const someLog = () => {
  const log = new WrittenLog();
  log.coat(0, 'cloak', 'base', 1, [1, 2, 3], { minutes: 12 });
  log.coat(20, 'helm', 'copper', 1, [1, 2], { minutes: 5 });
  log.coat(40, 'cloak', 'base', 2, [1, 2, 3]);
  log.strike(41, 'e1');
  return log;
};

describe('what counts of a log', () => {
  test('every entry it writes passes the schema', () => {
    expect.hasAssertions();
    for (const entry of someLog().entries) expect(entrySchema.parse(entry)).toEqual(entry);
  });

  test('is the same in whatever order, and however often, entries come in', () => {
    const { entries } = someLog();
    const plain = standing(entries);
    fc.assert(
      fc.property(fc.shuffledSubarray([...entries, ...entries], { minLength: 8 }), (shuffled) => {
        expect(standing(shuffled)).toEqual(plain);
      }),
    );
  });

  test('what is struck out does not count, and counts again when the strike is struck', () => {
    const log = someLog();
    expect(standing(log.entries).map(({ id }) => id)).toEqual(['e0', 'e2']);
    log.strike(42, 'e3');
    expect(standing(log.entries).map(({ id }) => id)).toEqual(['e0', 'e1', 'e2']);
  });

  test('a clock that was set back changes nothing in the order', () => {
    const log = someLog();
    const late = log.coat(-600, 'cloak', 'shade', 1, [1]);
    expect(standing(log.entries).at(-1)).toBe(late);
    expect(nextOrder(log.entries)).toBe(5);
  });
});

describe('paint that was taken', () => {
  test('is what the coats took, all models together', () => {
    const log = new WrittenLog();
    const { used } = log.coat(0, 'cloak', 'base', 1, [1, 2, 3]);
    const taken = paintTaken(log.entries);
    for (const { potId, ml } of used) expect(taken.get(potId)).toBeCloseTo(ml, 12);
    expect((taken.get('brown') ?? 0) / (taken.get('bone') ?? 1)).toBeCloseTo(3, 9);
  });

  test('a coat that two devices noted is taken once', () => {
    const log = new WrittenLog();
    const { used } = log.coat(0, 'cloak', 'base', 1, [1, 2]);
    log.coat(0, 'cloak', 'base', 1, [1, 2]);
    expect(paintTaken(log.entries).get('brown')).toBeCloseTo(used[0].ml, 12);
    log.coat(1, 'cloak', 'base', 1, [2, 3]);
    expect(paintTaken(log.entries).get('brown')).toBeCloseTo(1.5 * used[0].ml, 12);
  });

  test('what is struck out is back in the pot', () => {
    const log = new WrittenLog();
    log.coat(0, 'cloak', 'base', 1, [1]);
    log.strike(1, 'e0');
    expect(paintTaken(log.entries).size).toBe(0);
  });
});

describe('sessions', () => {
  test('an hour and a half without a word begins a new one; brush time before the note belongs to it', () => {
    const log = new WrittenLog();
    log.coat(10, 'cloak', 'base', 1, [1, 2], { minutes: 10 });
    log.coat(90, 'cloak', 'base', 2, [1, 2], { minutes: 8, differs: ['another coat'] });
    log.coat(300, 'cloak', 'shade', 1, [1]);
    const [second, first] = sessionsOf(log.entries);
    expect(first).toMatchObject({ from: evening, coats: 4, handsOn: 18, deviations: 1 });
    expect(first.models.get('watch')).toEqual(new Set([1, 2]));
    expect(second).toMatchObject({ coats: 1, from: evening + 300 * 60_000 });
  });
});

describe('between two words', () => {
  test.each([
    [90, 1],
    [91, 2],
  ])('%d minutes make %d sittings', (minutes, sittings) => {
    const log = new WrittenLog();
    log.coat(0, 'cloak', 'base', 1, [1]);
    log.coat(minutes, 'cloak', 'base', 2, [1]);
    expect(sessionsOf(log.entries)).toHaveLength(sittings);
  });
});

describe('progress of an army', () => {
  test('models are done, in hand or to come, and every coat is one of done and left', () => {
    const log = new WrittenLog();
    for (const [step, coat] of [
      ['base', 1],
      ['base', 2],
      ['shade', 1],
      ['light', 1],
    ] as const)
      log.coat(coat, 'cloak', step, coat, [1]);
    log.coat(9, 'helm', 'copper', 1, [1, 2]);
    const [watch] = armyProgress(levy, recipeOf, log.entries);
    expect(watch).toMatchObject({ done: [1], inHand: [2], toCome: [3] });
    expect(watch.coatsDone + watch.coatsLeft).toBe(15);
  });

  test('the log of another army is not its own', () => {
    const log = new WrittenLog();
    log.coat(9, 'helm', 'copper', 1, [1]);
    const [watch] = armyProgress({ ...levy, id: 'other' }, recipeOf, log.entries);
    expect(watch.toCome).toEqual([1, 2, 3]);
  });
});

describe('a painter’s own figures', () => {
  test('are used from eight records on, and say how wide they lie', () => {
    expect(learnedFrom([1.2, 1.4])).toMatchObject({ isUsed: false, records: 2 });
    expect(learnedFrom([1, 1.1, 1.2, 1.3, 1.4, 1.5, 1.6, 1.7, 1.8])).toEqual({
      factor: 1.4,
      low: 1.2,
      high: 1.6,
      records: 9,
      isUsed: true,
    });
  });

  test('a telephone call is no slow hand', () => {
    const calm = learnedFrom([1, 1, 1, 1, 1, 1, 1, 1]);
    expect(learnedFrom([1, 1, 1, 1, 1, 1, 1, 1, 400])).toEqual(calm);
  });

  test('a hand twice as slow as reckoned is found from its coats', () => {
    const log = new WrittenLog();
    for (let coat = 1; coat <= 8; coat++) {
      const entry = log.coat(coat, 'cloak', 'base', coat, [1, 2]);
      entry.minutes = entry.reckoned * 2;
    }
    const { own, handsOn } = learnFigures(log.entries);
    // Eight records weigh eight against the three of a usual hand.
    expect(own.handsOn.brushCoat).toBeCloseTo(2 ** (8 / 11), 9);
    expect(own.handsOn.layer).toBeUndefined();
    expect(handsOn).toEqual([
      { technique: 'brushCoat', learned: expect.objectContaining({ records: 8 }) },
    ]);
  });

  test('in a club each hand is learnt from what it painted, and not from the others', () => {
    const log = new WrittenLog();
    for (let coat = 1; coat <= 16; coat++) {
      const entry = log.coat(coat, 'cloak', 'base', coat, [1]);
      entry.by = coat % 2 === 0 ? 'Wren' : 'Barnaby';
      entry.minutes = entry.reckoned * (coat % 2 === 0 ? 2 : 0.5);
    }
    expect(learnFigures(log.entries, 'Wren').own.handsOn.brushCoat).toBeCloseTo(2 ** (8 / 11), 9);
    expect(learnFigures(log.entries, 'Barnaby').own.handsOn.brushCoat).toBeCloseTo(
      0.5 ** (8 / 11),
      9,
    );
    expect(learnFigures(log.entries, 'Sedge').own.handsOn.brushCoat).toBeUndefined();
  });

  test('mixing half as much again as is painted shows in the paint', () => {
    const log = new WrittenLog();
    const made: LogEntry[] = [];
    for (let i = 0; i < 8; i++) {
      const benchId = `bench${i}`;
      const coat = log.coat(i, 'cloak', 'base', 1, [1]);
      const ml = 1.5 * coat.used.reduce((sum, each) => sum + each.ml, 0);
      log.mixed(i, 'base', brushedOf(cloak.steps[0], []), ml);
      made.push(
        ...log.entries.splice(0).map((entry) => ({ ...entry, benchId, id: `${entry.id}-${i}` })),
      );
    }
    expect(learnFigures(made).own.paint).toBeCloseTo(1.5, 6);
  });
});
