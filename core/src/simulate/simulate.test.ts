import { benchTasks } from '../answers/work/bench/benchTasks';
import { armyProgress } from '../answers/work/log/armyProgress';
import { entrySchema, type LogEntry } from '../answers/work/log/entry';
import { learnFigures } from '../answers/work/log/learnFigures';
import { sessionsOf } from '../answers/work/log/sessions';
import { cloak, levy, recipeOf, watch } from '../testing/sampleLog';
import { shelf } from '../testing/sampleRecipe';
import { eveningsOf } from './evenings';
import { paintPast } from './paintPast';
import type { PastAsked, PastPainter } from './past';

const wil: PastPainter = {
  name: 'Wil',
  speed: 0.8,
  film: 1.2,
  unitIds: ['watch'],
  evenings: [
    { day: 4, hour: 19, minutes: 150 },
    { day: 0, hour: 10, minutes: 200 },
  ],
};

const asked: PastAsked = {
  army: { ...levy, units: [{ ...watch, models: 160 }] },
  recipeOf,
  shelf,
  painters: [wil],
  drift: { unitId: 'watch', surfaceId: 'cloak', fromModel: 9 },
  ranOut: { potId: 'bone', byPotId: 'white', at: 0.5 },
  weeks: 8,
  now: Date.parse('2026-11-27T12:00:00Z'),
  seed: 3,
};

const { log, benches } = paintPast(asked);
const coats = log.filter((entry) => entry.kind === 'coat');
const kindsIn = (entries: readonly LogEntry[]) => new Set(entries.map(({ kind }) => kind));

test('the same seed gives the same log, another another', () => {
  expect(paintPast(asked).log).toEqual(log);
  expect(paintPast({ ...asked, seed: 4 }).log).not.toEqual(log);
});

test('every entry is one the log takes, and none lies after now or before its weeks', () => {
  expect.hasAssertions();
  for (const entry of log) {
    expect(entrySchema.safeParse(entry).success).toBe(true);
    const at = Date.parse(entry.at);
    expect(at).toBeLessThanOrEqual(asked.now);
    expect(at).toBeGreaterThan(asked.now - 57 * 86_400_000);
  }
});

test('order and moments rise together', () => {
  expect.hasAssertions();
  log.forEach(({ at, order }, index) => {
    expect(order).toBe(index);
    if (index > 0) expect(at >= log[index - 1].at).toBe(true);
  });
});

test('no coat goes on before the one below it is there', () => {
  expect.hasAssertions();
  const done = new Set<string>();
  for (const { where, recipeId, line, coat, stepId } of coats)
    for (const model of where.models) {
      const on = `${where.surfaceId} ${model}`;
      if (coat > 1) expect(done).toContain(`${on} ${stepId} ${coat - 1}`);
      const below = recipeId === cloak.id ? cloak.steps[line - 2] : undefined;
      if (below && coat === 1) expect(done).toContain(`${on} ${below.id} 1`);
      done.add(`${on} ${stepId} ${coat}`);
    }
});

test('something goes wrong, something is done differently, something is learned', () => {
  expect(kindsIn(log)).toEqual(new Set(['coat', 'mixed', 'dry', 'mishap', 'reading', 'learned']));
  expect(coats.some(({ differs }) => differs.includes('more thinner'))).toBe(true);
  expect(coats.some(({ differs }) => differs.includes('other pot'))).toBe(true);
  expect(coats.some(({ differs }) => differs.includes('another coat'))).toBe(true);
});

test('the pot that ran out is not used after it had', () => {
  const used = coats.filter(({ brushed }) => brushed.pots.some(({ potId }) => potId === 'bone'));
  const other = coats.filter(({ differs }) => differs.includes('other pot'));
  expect(used.at(-1)!.at <= other[0].at).toBe(true);
});

test('the film that is learned is nearer to the hand’s than the usual one', () => {
  const learned = log.find((entry) => entry.kind === 'learned');
  expect(learned).toBeDefined();
  expect(Math.abs(learned!.factor - 1.2)).toBeLessThan(0.2);
  expect(learned!.after).toBeLessThan(learned!.before);
});

test('the ledger reads it as it reads any log: progress, own figures, sittings, what is next', () => {
  const progress = armyProgress(asked.army, recipeOf, log);
  expect(JSON.stringify(progress).length).toBeGreaterThan(100);
  const { handsOn } = learnFigures(log);
  expect(Object.keys(handsOn).length).toBeGreaterThan(0);
  expect(sessionsOf(log).length).toBeGreaterThan(8);
  const state = benchTasks(asked.army, benches[0], recipeOf, log, asked.now);
  expect(state.coatsDone).toBeGreaterThan(0);
  expect(state.coatsLeft).toBeGreaterThanOrEqual(0);
});

test('seven stays seven by the clock on the wall when clocks are changed', () => {
  const hours = eveningsOf(wil, 8, asked.now).map(({ from }) => new Date(from).getHours());
  expect(new Set(hours)).toEqual(new Set([19, 10]));
  expect(hours.length).toBeGreaterThanOrEqual(15);
});
