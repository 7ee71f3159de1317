import fc from 'fast-check';
import { batchSchema, type Batch } from '../army/batch';
import { mixOf, recipeWith, shelf, stepWith } from '../../../testing/sampleRecipe';
import { armyOf, batchOf, pinTo, surfaceOf, unitOf } from '../../../testing/sampleLevy';
import { batchSizes, waitingAllowed } from './batchSize';
import { BatchTooLargeError } from './batchWork';
import { dryMinutesOf, reckonedDryMinutes } from './minutes/dryingTime';
import { handsOnMinutes, pickUpMinutes } from './minutes/handsOn';
import { paintedKey, type PaintedBefore } from './paintedBefore';
import { planBatch } from './planBatch';
import { plannedSessions, splitOver } from './evening/plannedSessions';
import type { PlannedWork } from './plannedWork';

const coat = recipeWith(
  [
    stepWith({ id: 'base', mix: mixOf({ brown: 3, yellow: 1 }), coats: 2, dryMinutes: 10 }),
    stepWith({ id: 'wash', stage: 'shade', technique: 'allOverWash', mix: mixOf({ wash: 1 }) }),
    stepWith({ id: 'edge', stage: 'highlight', technique: 'edgeLine', mix: mixOf({ bone: 1 }) }),
  ],
  { id: 'coat' },
);
const skin = recipeWith([stepWith({ id: 'skin', mix: mixOf({ red: 1, bone: 4 }) })], {
  id: 'skin',
  surface: 'skin',
});
const recipeOf = ({ recipeId }: { recipeId: string }) =>
  ({ coat, skin })[recipeId as 'coat' | 'skin'] as typeof coat | undefined;
const levy = armyOf([
  unitOf({
    models: 6,
    surfaces: [
      surfaceOf({ recipe: pinTo('coat'), share: 0.8 }),
      surfaceOf({ id: 'face', surface: 'skin', recipe: pinTo('skin'), share: 0.2 }),
    ],
  }),
]);

function planned(part: Partial<Batch> = {}, army = levy, painted?: PaintedBefore): PlannedWork {
  const tries = planBatch(army, batchOf(part), recipeOf, shelf, painted);
  let next = tries.next();
  while (!next.done) next = tries.next();
  return next.value;
}
const coatsOf = ({ runs }: PlannedWork) => runs.reduce((sum, { models }) => sum + models.length, 0);
const evening = (id: string, startsAt: string, minutes = 60) => ({ id, startsAt, minutes });

describe('a plan', () => {
  test('every coat of every model is in it, and it says how near it is to the bound', () => {
    const plan = planned();
    expect(coatsOf(plan)).toBe(6 * 5);
    expect(plan.left).toBe(0);
    expect(plan.minutes).toBeGreaterThanOrEqual((plan.bound.minutes ?? Infinity) - 1e-6);
    expect(plan.bound.minutes).toBeGreaterThan(0);
  });

  test('with too little time it says how many coats are left over', () => {
    const plan = planned({ sessions: [evening('short', '2026-03-05T18:00:00Z', 20)] });
    expect(plan.left).toBeGreaterThan(0);
    expect(coatsOf(plan) + plan.left).toBe(30);
    expect(plan.minutes).toBeNull();
    expect(planned({ sessions: [] }).left).toBe(30);
  });

  test('what is left wet at the end of a session is named with when it is dry', () => {
    const sessions = [
      evening('one', '2026-03-05T18:00:00Z', 30),
      evening('two', '2026-03-06T18:00:00Z'),
    ];
    const plan = planned({ sessions });
    const ends = Date.parse('2026-03-05T18:30:00Z');
    const [one] = plannedSessions(plan, batchOf({ sessions }), shelf);
    const wet = plan.runs.filter((run) => run.sessionId === 'one' && run.driesAt > ends);
    expect(one.leftWet).toEqual(wet);
    expect(wet.length).toBeGreaterThan(0);
  });

  test('a colour that two sessions need is said to be needed in both', () => {
    expect.hasAssertions();
    const sessions = [1, 2, 3, 4, 5, 6, 7].map((day) =>
      evening(`day-${day}`, `2026-03-0${day}T18:00:00Z`, 15),
    );
    const plan = planned({ sessions });
    for (const mix of plan.mixes.keys()) {
      const used = new Set(plan.runs.flatMap((run) => (run.mix === mix ? [run.sessionId] : [])));
      const said = plannedSessions(plan, batchOf({ sessions }), shelf).filter(({ mixes }) =>
        mixes.some((each) => each.mix === mix && each.alsoIn.length === used.size - 1),
      );
      expect(said).toHaveLength(used.size);
      const isMixed = plan.mixes[mix].shares.length > 1;
      expect(splitOver(plan).includes(mix)).toBe(isMixed && used.size > 1);
    }
  });

  test('three painters are done sooner than one, a quick one sooner than a slow one', () => {
    const painters = ['a', 'b', 'c'].map((id) => ({ id, name: id, speed: 1, claims: [] }));
    expect(planned({ painters }).minutes).toBeLessThan(planned().minutes ?? 0);
    const quick = planned({ painters: [{ ...painters[0], speed: 2 }] });
    const slow = planned({ painters: [{ ...painters[0], speed: 0.7 }] });
    expect(quick.minutes).toBeLessThan(slow.minutes ?? 0);
  });

  test('planned again after a skipped evening, who has what keeps most of it', () => {
    const painters = ['a', 'b'].map((id) => ({ id, name: id, speed: 1, claims: [] }));
    const sessions = Array.from({ length: 6 }, (_, i) =>
      evening(`evening-${i}`, new Date(Date.UTC(2026, 2, 1 + i, 18)).toISOString(), 60),
    );
    const batch = batchOf({ painters, sessions });
    const run = (part: Batch, kept?: PlannedWork) => {
      const tries = planBatch(levy, part, recipeOf, shelf, undefined, undefined, undefined, kept);
      let next = tries.next();
      while (!next.done) next = tries.next();
      return next.value;
    };
    const whose = ({ runs }: PlannedWork) =>
      new Map(
        runs.flatMap(({ unitId, surfaceId, painterId, models }) =>
          models.map((model) => [`${unitId} ${surfaceId} ${model}`, painterId] as const),
        ),
      );
    const first = run(batch);
    const again = run({ ...batch, sessions: sessions.slice(1) }, first);
    const [before, after] = [whose(first), whose(again)];
    const kept = [...before].filter(([key, painter]) => after.get(key) === painter).length;
    expect(kept / before.size).toBeGreaterThanOrEqual(0.8);
  });

  test('whoever claims models paints them, and nobody else does', () => {
    expect.hasAssertions();
    const claim = { unitId: 'watch', from: 1, to: 3 };
    const { runs } = planned({
      painters: [
        { id: 'ann', name: 'Ann', speed: 1, claims: [claim] },
        { id: 'bob', name: 'Bob', speed: 1, claims: [] },
      ],
    });
    for (const { painterId, models } of runs)
      for (const model of models) if (model <= 3) expect(painterId).toBe('ann');
  });

  test('who does not come to a session paints nothing in it', () => {
    const painters = ['ann', 'bob'].map((id) => ({ id, name: id, speed: 1, claims: [] }));
    const sessions = [
      { ...evening('one', '2026-03-05T18:00:00Z', 20), without: ['bob'] },
      evening('two', '2026-03-06T18:00:00Z', 200),
    ];
    const { runs } = planned({ painters, sessions });
    expect(runs.some((run) => run.sessionId === 'one' && run.painterId === 'bob')).toBe(false);
  });

  test('planned anew, what is done stays done and what was wet is waited for', () => {
    const over = Date.parse('2026-03-05T17:55:00Z');
    const on = { coats: new Set(['base 1']), driesAt: over + 10 * 60_000, holdsBody: false };
    const painted = new Map(
      [1, 2, 3, 4, 5, 6].map((model) => [paintedKey('watch', 'cloak', model), on]),
    );
    const { runs } = planned({}, levy, painted);
    const base = runs.filter(({ stepId }) => stepId === 'base');
    expect(base.every((run) => run.coat === 2)).toBe(true);
    const sessions = [{ ...evening('over', '2026-03-05T17:55:00Z'), isOver: true }];
    expect(planned({ sessions }, levy, painted).runs).toEqual([]);
    expect(Math.min(...base.map((run) => run.starts))).toBeGreaterThanOrEqual(on.driesAt - 1);
  });

  test('a wash from before it begins keeps the rest of that model from being touched', () => {
    const dry = Date.parse('2026-03-05T18:25:00Z');
    const wet = { coats: new Set(['base 1', 'base 2', 'wash 1']), driesAt: dry, holdsBody: true };
    const { runs } = planned({}, levy, new Map([[paintedKey('watch', 'cloak', 2), wet]]));
    const touching = runs.filter(({ models }) => models.includes(2));
    expect(touching.some(({ surfaceId }) => surfaceId === 'face')).toBe(true);
    for (const run of touching) {
      const before = run.models.indexOf(2) * ((run.to - run.starts) / run.models.length);
      expect(run.starts + before).toBeGreaterThanOrEqual(dry - 1);
    }
  });

  test('what is held back is painted last on its model', () => {
    const [unit] = levy.units;
    const heldBack = armyOf([
      {
        ...unit,
        surfaces: [unit.surfaces[0], { ...unit.surfaces[1], holdBack: 'the whole surface' }],
      },
    ]);
    const { runs } = planned({}, heldBack);
    for (let model = 1; model <= 6; model++) {
      const own = runs.filter(({ models }) => models.includes(model));
      expect(own.at(-1)?.surfaceId).toBe('face');
    }
  });

  test('a clock that is put forward in the night between two sessions dries nothing sooner', () => {
    // Between these evenings, an hour apart by the clock on the wall, 23 hours pass.
    expect.hasAssertions();
    const sessions = [
      evening('saturday', '2026-03-28T20:00:00+01:00', 60),
      evening('sunday', '2026-03-29T20:00:00+02:00', 200),
    ];
    const slow = recipeWith([stepWith({ id: 'base', coats: 2, dryMinutes: 23.5 * 60 })], {
      id: 'coat',
    });
    const tries = planBatch(
      levy,
      batchOf({ sessions }),
      ({ recipeId }) => (recipeId === 'coat' ? slow : skin),
      shelf,
    );
    let next = tries.next();
    while (!next.done) next = tries.next();
    const second = next.value.runs.filter(
      ({ surfaceId, coat: number }) => surfaceId === 'cloak' && number === 2,
    );
    for (const run of second)
      expect(run.starts).toBeGreaterThanOrEqual(Date.parse('2026-03-29T20:30:00+02:00') - 1);
  });

  test('a recipe that is gone is named, and the rest is planned', () => {
    const gone = armyOf([
      unitOf({
        surfaces: [
          surfaceOf({ recipe: pinTo('coat') }),
          surfaceOf({ id: 'x', recipe: pinTo('gone') }),
        ],
      }),
    ]);
    const plan = planned({}, gone);
    expect(plan.without).toEqual([{ unitId: 'watch', surfaceId: 'x' }]);
    expect(coatsOf(plan) + plan.left).toBe(40);
  });

  test('more than can be planned at once is refused with the number', () => {
    const units = Array.from({ length: 5 }, (_, i) =>
      unitOf({ id: `u${i}`, models: 2000, surfaces: levy.units[0].surfaces }),
    );
    expect(() => planned({}, armyOf(units))).toThrow(BatchTooLargeError);
  });
});

describe('a batch as it is written', () => {
  const refused = (part: Partial<Batch>) => batchSchema.safeParse(batchOf(part)).error?.issues[0];

  test('a session of no minutes is refused', () => {
    const issue = refused({ sessions: [evening('none', '2026-03-05T18:00:00Z', 0)] });
    expect(issue).toMatchObject({
      path: ['sessions', 0, 'minutes'],
      message: 'a whole number from 1 to 1,440',
    });
  });

  test('two painters who claim one model are told which', () => {
    const claim = (from: number, to: number) => [{ unitId: 'watch', from, to }];
    const issue = refused({
      painters: [
        { id: 'a', name: 'Ann', speed: 1, claims: claim(1, 5) },
        { id: 'b', name: 'Bob', speed: 1, claims: claim(4, 9) },
      ],
    });
    expect(issue?.path).toEqual(['painters', 1, 'claims', 0]);
    expect(issue?.message).toContain('Ann');
    expect(issue?.message).toContain('model 4');
  });

  test('two sessions at one time are refused', () => {
    const sessions = [evening('a', '2026-03-05T18:00:00Z'), evening('b', '2026-03-05T18:59:00Z')];
    expect(refused({ sessions })?.path).toEqual(['sessions', 1, 'startsAt']);
  });
});

describe('minutes', () => {
  test('hands-on time grows with the area, and never below picking the model up', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 200, noNaN: true }), (areaCm2) => {
        const step = stepWith({ id: 'a', technique: 'layer' });
        const minutes = handsOnMinutes(step, areaCm2, { form: 'folds' });
        expect(minutes).toBeGreaterThan(pickUpMinutes);
        expect(handsOnMinutes(step, 2 * areaCm2, { form: 'folds' })).toBeGreaterThan(minutes);
      }),
    );
  });

  test('a wash dries longer than a glaze, with medium longer than with water', () => {
    const thin = (technique: 'allOverWash' | 'filter', medium = 0) =>
      reckonedDryMinutes(
        stepWith({
          id: 'a',
          technique,
          mix: mixOf({ wash: 1 }, medium ? { mediumParts: 2 } : { waterParts: 2 }),
        }),
      );
    expect(thin('allOverWash')).toBeGreaterThan(thin('filter'));
    expect(thin('filter', 1)).toBeGreaterThan(thin('filter'));
  });

  test('a damp cold room takes twice as long, a hair dryer a third; what a line says goes before', () => {
    const step = stepWith({ id: 'a', dryMinutes: 12 });
    const minutes = (room: Batch['room'], hairDryer = false) =>
      dryMinutesOf(step, { room, hairDryer });
    expect(minutes('usual')).toBe(12);
    expect(minutes('cold and damp')).toBe(24);
    expect(minutes('usual', true)).toBeCloseTo(4, 9);
    const unsaid = { ...step, dryMinutes: 0 };
    expect(dryMinutesOf(unsaid, { room: 'usual', hairDryer: false })).toBe(
      reckonedDryMinutes(unsaid),
    );
  });

  test('a batch is large enough when hardly anything is waited for', () => {
    const many = { ...levy.units[0], models: 40 };
    const sizes = batchSizes(armyOf([many]), many, recipeOf, shelf, batchOf());
    expect(sizes[0].waiting).toBeGreaterThan(waitingAllowed);
    expect(sizes.at(-1)?.waiting).toBeLessThanOrEqual(waitingAllowed);
    expect(sizes.length).toBeGreaterThan(2);
  });
});
