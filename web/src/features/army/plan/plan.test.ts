import { batchSchema, type Batch, type PlannedRun } from '@yellow-ledger/core';
import { calendarText } from './calendarText';
import { rangesInWords } from '../../../kit/models/modelRanges';
import { inTurnWords, modelsWords } from '../../../kit/words/modelsWords';
import { newBatch, newSession } from './newBatch';
import { eveningChanges } from './eveningChanges';
import { coatsNoted, paintedUpTo, surfacesOf, withSessionOver } from './noted';
import type { PlanWords } from './planWords';

const units = [
  { id: 'watch', name: 'Dike Watch', models: 20 },
  { id: 'crew', name: 'Ferry Crew', models: 7 },
];
const batch: Batch = { ...newBatch(0, new Date('2026-03-01T10:00:00Z')), id: 'b', name: 'Winter' };
const run = (part: Partial<PlannedRun> = {}): PlannedRun => ({
  unitId: 'crew',
  surfaceId: 'smock',
  recipeId: 'oilskin',
  stepId: 'base',
  coat: 1,
  wetMl: 0.1,
  painterId: batch.painters[0].id,
  sessionId: batch.sessions[0].id,
  mix: 0,
  models: [1, 2, 3],
  mixing: 1,
  changing: 0.5,
  from: Date.parse('2026-03-02T19:00:00Z'),
  starts: Date.parse('2026-03-02T19:01:30Z'),
  to: Date.parse('2026-03-02T19:10:00Z'),
  driesAt: Date.parse('2026-03-02T19:25:00Z'),
  ...part,
});
const words = {
  surface: () => 'Smock, Ferry Crew',
  line: () => 'line 1 of Oilskin, coat 1',
  coats: () => 'line 1',
  models: () => 'models 1–3',
  mix: () => 'Fen Umber; thin, as water',
  painter: () => 'Wil',
  potName: (id: string) => id,
  clock: () => '19:25',
} satisfies PlanWords;

describe('words for models', () => {
  test('runs of numbers are drawn together', () => {
    expect(modelsWords([3, 1, 2, 7])).toBe('1–3, 7');
    expect(modelsWords([])).toBe('');
  });

  test('models of a run stand in the order they are painted in', () => {
    expect(inTurnWords([7, 1, 2, 3, 5])).toBe('7, 1–3, 5');
  });

  test('a whole unit is called by its name, a part by its numbers, a gone one is said to be gone', () => {
    const ranges = [
      { unitId: 'crew', from: 1, to: 7 },
      { unitId: 'watch', from: 2, to: 5 },
      { unitId: 'watch', from: 9, to: 9 },
      { unitId: 'gone', from: 1, to: 3 },
    ];
    expect(rangesInWords(ranges, units)).toBe(
      'Ferry Crew, Dike Watch 2–5, Dike Watch 9, a unit that was deleted 1–3',
    );
  });
});

describe('sessions', () => {
  test('the first one is tomorrow evening, each other a week after the last and as long', () => {
    const now = new Date('2026-11-25T09:00:00Z');
    const first = newSession([], now);
    expect(new Date(first.startsAt).getHours()).toBe(19);
    expect(new Date(first.startsAt).getDate()).toBe(26);
    const early = { id: 'a', startsAt: '2026-03-02T18:00:00.000Z', minutes: 45 };
    const late = { id: 'b', startsAt: '2026-03-09T18:00:00.000Z', minutes: 90 };
    expect(newSession([late, early], now).minutes).toBe(90);
    expect(newSession([late, early], now).startsAt).toContain('2026-03-16');
  });
});

describe('what was painted', () => {
  test('is noted for the models it came to, and its session is over', () => {
    expect(withSessionOver(batch, batch.sessions[0].id).sessions[0].isOver).toBe(true);
    const painted = [
      { run: run({ models: [3, 1, 2] }), models: [3, 1] },
      { run: run({ stepId: 'wash' }), models: [] },
    ];
    expect(coatsNoted(painted)).toEqual([
      {
        unitId: 'crew',
        surfaceId: 'smock',
        stepId: 'base',
        coat: 1,
        models: [3, 1],
        at: '2026-03-02T19:10:00.000Z',
      },
    ]);
  });
});

describe('the calendar', () => {
  const plan = { runs: [run()] };

  test('has each job in moments of UTC, its text escaped', () => {
    const text = calendarText(batch, plan, words, 'jobs').replace(/\r\n /g, '');
    expect(text).toContain('DTSTART:20260302T190000Z');
    expect(text).toContain('DTEND:20260302T191000Z');
    expect(text).toContain('SUMMARY:Wil: Smock\\, Ferry Crew\\, models 1–3');
    expect(text).toContain('Fen Umber\\; thin\\, as water');
    expect(text).toContain('mixed first\\, 1 min');
  });

  test('has one entry for each painter and session', () => {
    const text = calendarText(batch, plan, words, 'sessions');
    expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(1);
    expect(text).toContain('SUMMARY:Winter: Painter 1');
  });
});

describe('after an evening', () => {
  const runs = [
    run({ stepId: 'base' }),
    run({ stepId: 'face', surfaceId: 'face' }),
    run({ stepId: 'wash' }),
    run({ stepId: 'edge', models: [2, 3] }),
  ];

  test('a surface is painted up to a coat, with all that comes after it left', () => {
    const [smock, face] = surfacesOf(runs);
    expect(smock.indexes).toEqual([0, 2, 3]);
    expect(face.indexes).toEqual([1]);
    expect(paintedUpTo(smock, runs, 2)).toEqual({ 0: [1, 2, 3], 2: [1, 2, 3], 3: [] });
    expect(paintedUpTo(smock, runs, 0)).toEqual({ 0: [], 2: [], 3: [] });
  });

  test('each thing that can happen changes the one evening and nothing else', () => {
    const plan: Batch = {
      ...batch,
      painters: ['wil', 'hesper'].map((id) => ({ id, name: id, speed: 1, claims: [] })),
      sessions: ['a', 'b'].map((id, i) => ({
        id,
        startsAt: new Date(Date.UTC(2026, 11, 3 + 7 * i, 18)).toISOString(),
        minutes: 150,
      })),
    };
    const changes = Object.fromEntries(
      eveningChanges(plan, plan.sessions[0]).map(({ label, next }) => [label, next]),
    );
    expect(changes['We skipped it'].sessions[0].isOver).toBe(true);
    expect(changes['Move it to the end'].sessions[0].startsAt).toContain('2026-12-17');
    expect(changes['hesper does not come'].sessions[0].without).toEqual(['hesper']);
    const more = changes['One more comes'];
    expect(more.painters).toHaveLength(3);
    expect(more.sessions[0].without).toBeUndefined();
    expect(more.sessions[1].without).toEqual([more.painters[2].id]);
    for (const next of Object.values(changes))
      expect(batchSchema.safeParse(next).success).toBe(true);
  });
});
