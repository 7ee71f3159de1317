import {
  ledgerFileOf,
  paintedCoat,
  pinOf,
  type Bench,
  type EntryOf,
  type LogEntry,
  type Recipe,
} from '@yellow-ledger/core';
import type { Club } from '../club/club';
import { proposalStore } from '../club/proposals/proposalStore';
import type { Ledger } from '../db/ledger';
import { importSections } from '../files/importSections';
import { heldRecords } from '../files/takenFile';
import { oilskinFromShadow } from './recipes/oilskinFromShadow';
import { sampleArmy } from './sampleArmy';
import { sampleRecipes } from './sampleRecipes';

const minuteMs = 60_000;

/** Somebody at the table: which models, and how many coats they have put on since they sat down. */
const sitting = [
  { by: 'Wren', benchId: 'evening-wren', unitId: 'dike-watch', from: 1, to: 6, coats: 3 },
  { by: 'Barnaby', benchId: 'evening-barnaby', unitId: 'reed-cutters', from: 1, to: 4, coats: 2 },
  { by: 'Sedge', benchId: 'evening-sedge', unitId: 'ferry-crew', from: 1, to: 7, coats: 1 },
];

const numbers = (from: number, to: number) =>
  Array.from({ length: to - from + 1 }, (_, i) => from + i);

function benchOf({ by, benchId, unitId, from, to }: (typeof sitting)[number], at: number): Bench {
  return {
    id: benchId,
    name: `${by}’s table`,
    startedAt: new Date(at - 90 * minuteMs).toISOString(),
    isCleared: false,
    armyId: sampleArmy.id,
    models: [{ unitId, from, to }],
    room: 'usual',
    keeping: 'damp',
    hairDryer: false,
  };
}

/** Coats and mixes of one table, the last of them some minutes ago. */
function paintedAt(seat: (typeof sitting)[number], seatIndex: number, now: number): LogEntry[] {
  const { by, benchId, unitId, from, to, coats } = seat;
  const unit = sampleArmy.units.find(({ id }) => id === unitId);
  const surface = unit?.surfaces.at(0);
  const pin = unit && surface && pinOf(sampleArmy, surface);
  const recipe = sampleRecipes.find(({ id }) => id === pin?.recipeId);
  if (!unit || !surface || !recipe) throw new Error(`the sample has no ${unitId} to paint`);
  const bench = benchOf(seat, now);
  const place = { bench, unit, surface, recipe, version: null, models: numbers(from, to) };
  const flat = recipe.steps.flatMap((step) =>
    Array.from({ length: step.coats }, (_, i) => ({ step, coat: i + 1 })),
  );
  const at = (n: number) => ({
    at: new Date(
      now - (coats - 1 - n) * 22 * minuteMs - (2 + seatIndex * 4) * minuteMs,
    ).toISOString(),
    order: seatIndex * 100 + n,
    by,
  });
  const painted = flat
    .slice(0, coats)
    .map(({ step, coat }, n) =>
      paintedCoat(place, step, coat, { id: `${benchId}-${n + 1}`, ...at(n) }, 14, []),
    );
  const last = painted.at(-1);
  if (!last) return painted;
  const mixed: EntryOf<'mixed'> = {
    kind: 'mixed',
    id: `${benchId}-mix`,
    benchId,
    ...at(coats - 1),
    order: seatIndex * 100 + coats,
    recipeId: recipe.id,
    stepId: last.stepId,
    line: last.line,
    brushed: last.brushed,
    ml: 1.5 + seatIndex * 0.5,
    differs: [],
  };
  return [...painted, mixed];
}

/** The watch’s yellow as one painter would have it: a coat less of the base, and the light warmer. */
function proposedYellow(): Recipe {
  const [first, ...others] = oilskinFromShadow.steps;
  return {
    ...oilskinFromShadow,
    id: 'wren-quick-yellow',
    name: 'Quick yellow',
    steps: [{ ...first, coats: Math.max(1, first.coats - 1) }, ...others.slice(0, -1)],
  };
}

/** An evening at the sample club that is just under way: three tables, and a proposal that waits. */
export async function addSampleEvening(
  ledger: Ledger,
  club: Club,
  now = Date.now(),
): Promise<void> {
  if (await ledger.records.benches.get(sitting[0].benchId)) return;
  const file = ledgerFileOf({
    pots: [],
    recipes: [],
    benches: sitting.map((seat) => benchOf(seat, now)),
    log: sitting.flatMap((seat, index) => paintedAt(seat, index, now)),
  });
  await importSections(heldRecords(file), ledger);
  const members = await club.members.list();
  for (const { by, unitId, from, to } of sitting) {
    const member = members.find(({ name }) => name === by);
    const models = { armyId: sampleArmy.id, unitId, models: numbers(from, to) };
    if (!member) continue;
    await club.claims.take(models, member.id, true);
    await ledger.log.sentBy(
      member.id,
      file.log?.flatMap((entry) => (entry.by === by ? [entry.id] : [])) ?? [],
    );
  }
  const wren = members.find(({ name }) => name === 'Wren');
  if (!wren) return;
  const proposed = {
    targetId: oilskinFromShadow.id,
    memberId: wren.id,
    words: 'A coat less and no last point: for the twelve at the back nobody sees the difference.',
    content: proposedYellow(),
  };
  await ledger.db.transaction((within) => proposalStore(ledger.db).add(proposed, within));
}
