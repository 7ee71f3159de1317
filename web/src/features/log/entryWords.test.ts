import type { CoatEntry, LogEntry } from '@yellow-ledger/core';
import { entryWords } from './entryWords';

const names = {
  armies: {},
  benches: {},
  units: { 'levy watch': 'Dike Watch' },
  surfaces: { 'levy watch cloak': 'Cloak' },
  recipes: { reed: 'Reed cloak' },
};
const potName = (id: string) => ({ peat: 'Peat', straw: 'Reed Straw' })[id] ?? 'a pot that is gone';
const told = (entry: LogEntry) => entryWords(entry, names, potName);

const head = { id: 'e', benchId: 'b', at: '2026-03-01T18:00:00.000Z', order: 0 };
const where = { armyId: 'levy', unitId: 'watch', surfaceId: 'cloak', models: [1, 2, 3] };
const line = { where, recipeId: 'reed', version: null, stepId: 's', line: 2 };
const brushed = {
  pots: [
    { potId: 'peat', share: 0.25 },
    { potId: 'straw', share: 0.75 },
  ],
  waterParts: 1,
  mediumParts: 0,
};
const coat: CoatEntry = {
  kind: 'coat',
  ...head,
  ...line,
  recipeName: 'Reed cloak',
  groundPotId: 'peat',
  stage: 'layer',
  technique: 'layer',
  placement: { from: 0, to: 1, softness: 0, pull: 'even' },
  coat: 1,
  brushed,
  differs: [],
  minutes: null,
  reckoned: 1,
  dryMinutes: 10,
  areaCm2: 10,
  used: [],
};

test('a coat tells models, line, technique and mix, and how it differed', () => {
  expect(told(coat)).toBe(
    'Dike Watch 1–3, Cloak: line 2 of Reed cloak, layer, coat 1; Peat 25 % + Reed Straw 75 %, 1 paint : 1 water',
  );
  expect(told({ ...coat, differs: ['other pot'], wanted: 3 })).toMatch(
    /coat 1, one more wanted; .* \(other pot\)$/,
  );
  expect(told({ ...coat, line: 0 })).toContain('an extra step of Reed cloak');
});

test('what was left for later is told, and that it was done', () => {
  const { recipeId, version, stepId, line } = coat;
  const later = { kind: 'later', ...head, where, recipeId, version, stepId, line } as const;
  expect(told({ ...later, what: 'lower parts', isDone: false })).toBe(
    'Dike Watch 1–3, Cloak: lower parts, line 2, left for later',
  );
  expect(told({ ...later, what: 'lower parts', isDone: true })).toMatch(/, done after all$/);
});

test('what is gone is said to be, and nothing else is lost', () => {
  const gone = { ...coat, where: { ...where, unitId: 'x', surfaceId: 'y' } };
  expect(told(gone)).toMatch(/^a unit that is gone 1–3, a surface that is gone: line 2/);
  expect(
    told({
      kind: 'mixed',
      ...head,
      recipeId: 'z',
      stepId: 's',
      line: 1,
      brushed,
      ml: 1,
      differs: [],
    }),
  ).toContain('line 1 of a recipe:');
});

test('every other kind of entry is a sentence', () => {
  expect.hasAssertions();
  const mend = {
    kind: 'leave',
    sentence: 'Leave it.',
    errorBefore: 1.2,
    errorAfter: 1.2,
    minutes: 0,
  } as const;
  const others: [LogEntry, string][] = [
    [{ kind: 'skip', ...head, ...line }, 'Dike Watch 1–3, Cloak: line 2 skipped'],
    [{ kind: 'found', ...head, ...line }, 'Dike Watch 1–3, Cloak: painted before, up to line 2'],
    [
      { kind: 'dry', ...head, ...line, coat: 1, minutes: 11.6, reckoned: 15 },
      'Dike Watch 1–3, Cloak: dry after 12 min (expected 15)',
    ],
    [
      { kind: 'mishap', ...head, ...line, what: 'patchy', place: { from: 0.75, to: 0.85 }, mend },
      'Dike Watch 1–3, Cloak: patchy at the crown; left as it is',
    ],
    [
      { kind: 'reading', ...head, where, place: 0.32, lab: [50, 1.04, -2], from: 'reader' },
      'Dike Watch 1–3, Cloak: read at the shadow, L* 50.0, a 1.0, b -2.0',
    ],
    [
      {
        kind: 'tick',
        ...head,
        armyId: 'levy',
        unitId: 'watch',
        partId: 'p',
        models: [2],
        isTicked: true,
      },
      'Dike Watch 2: parts ticked off',
    ],
    [
      { kind: 'learned', ...head, what: 'film', factor: 1.2, readings: 9, before: 3, after: 1 },
      'Learned: a film 1.20 times the usual, from 9 readings (ΔE00 3.0 → 1.0)',
    ],
    [{ kind: 'strike', ...head, of: 'x' }, 'Taken back'],
  ];
  for (const [entry, says] of others) expect(told(entry)).toBe(says);
});
