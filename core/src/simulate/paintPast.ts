import { paintedCoat } from '../answers/work/bench/paintedCoat';
import type { Bench } from '../answers/work/bench/bench';
import type { CoatEntry, Deviation, LogEntry } from '../answers/work/log/entry';
import { mishapKinds } from '../answers/rescue/mishapKinds';
import { loadOf } from '../written/mix/mix';
import type { Recipe } from '../written/recipe/recipe';
import { mostCoats } from '../written/recipe/step';
import { batchesOf, type CoatToCome, type Models } from './batches';
import { chanceFrom, type Chance } from './chance';
import { eveningsOf } from './evenings';
import type { Past, PastAsked, PastPainter } from './past';
import { readPast } from './readPast';

const minuteMs = 60_000;
const likely = {
  thinner: 0.05,
  oneMore: 0.04,
  mishap: 0.012,
  felt: 0.03,
  noMinutes: 0.15,
} as const;

/** An entry without its place in the log, which is known when everybody’s are there. */
type Unplaced = LogEntry & { by: string };
type Painted = CoatEntry & { by: string };

/**
 * Some weeks at the table, as the log would have them: who painted what when, what was done
 * differently, what went wrong and was mended, what was read. The same seed gives the same log, and
 * its moments go by `now`.
 */
export function paintPast(asked: PastAsked): Past {
  const benches: Bench[] = [];
  const entries: Unplaced[] = [];
  asked.painters.forEach((painter, index) => {
    const bench = benchOf(asked, painter);
    benches.push(bench);
    const at = new Painting(asked, painter, bench, chanceFrom(asked.seed * 31 + index));
    at.paint();
    entries.push(...at.entries);
  });
  const read = readPast(asked, entries, benches);
  const log = [...entries, ...read]
    .map((entry, index) => ({ entry, index }))
    .sort((one, other) => one.entry.at.localeCompare(other.entry.at) || one.index - other.index)
    .map(({ entry }, order) => ({ ...entry, id: `past-${order + 1}`, order }));
  return { benches, log };
}

function benchOf({ army, weeks, now }: PastAsked, { name, unitIds }: PastPainter): Bench {
  return {
    id: `past-${name.toLowerCase()}`,
    name: `${name}’s table`,
    startedAt: new Date(now - weeks * 7 * 24 * 60 * minuteMs).toISOString(),
    isCleared: false,
    armyId: army.id,
    models: army.units
      .filter(({ id }) => unitIds.includes(id))
      .map(({ id, models }) => ({ unitId: id, from: 1, to: models })),
    room: 'usual',
    keeping: 'damp',
    hairDryer: false,
  };
}

/** One painter over all the evenings. */
class Painting {
  readonly entries: Unplaced[] = [];
  private clock = 0;
  private readonly batches: Models[];

  constructor(
    private readonly asked: PastAsked,
    private readonly painter: PastPainter,
    private readonly bench: Bench,
    private readonly chance: Chance,
  ) {
    this.batches = batchesOf(asked, painter);
  }

  paint(): void {
    for (const { from, to } of eveningsOf(this.painter, this.asked.weeks, this.asked.now)) {
      this.clock = from + this.chance.share() * 10 * minuteMs;
      let mixed = '';
      while (this.clock < to) {
        const next = this.nextBatch();
        if (!next) return;
        // Two batches are on the table at once, so that painters hardly wait for paint to dry.
        this.clock = Math.max(this.clock, next.dryAt);
        if (this.clock >= to) break;
        const [coat] = next.toCome;
        const key = `${coat.recipe.id} ${coat.step.id}`;
        if (key !== mixed && coat.step.mix.parts.length > 1) this.mix(coat, next);
        mixed = key;
        this.coat(coat, next);
      }
    }
  }

  /** Of the two that are under way the one that is dry first. */
  private nextBatch(): Models | undefined {
    const open = this.batches.filter(({ toCome }) => toCome.length > 0).slice(0, 2);
    return open.sort((one, other) => one.dryAt - other.dryAt).at(0);
  }

  private head(): { id: string; at: string; order: number; by: string } {
    return { id: '', at: new Date(this.clock).toISOString(), order: 0, by: this.painter.name };
  }

  /** With what took the place of the pot that ran out, once it had. */
  private recipeNow(recipe: Recipe): { recipe: Recipe; isOther: boolean } {
    const { ranOut, now, weeks } = this.asked;
    const isOut = ranOut && this.clock > now - (1 - ranOut.at) * weeks * 7 * 24 * 60 * minuteMs;
    if (!isOut) return { recipe, isOther: false };
    const steps = recipe.steps.map((step) => ({
      ...step,
      mix: {
        ...step.mix,
        parts: step.mix.parts.map((part) =>
          part.from === 'pot' && part.potId === ranOut.potId
            ? { ...part, potId: ranOut.byPotId }
            : part,
        ),
      },
    }));
    return { recipe: { ...recipe, steps }, isOther: true };
  }

  private coat(coming: CoatToCome, batch: Models): void {
    const { unit, surface, step: written, coat } = coming;
    const { recipe, isOther } = this.recipeNow(coming.recipe);
    const step = recipe.steps.find(({ id }) => id === written.id) ?? written;
    const differs: Deviation[] = [];
    let done = step;
    if (this.chance.happens(likely.thinner) && step.mix.parts.length > 0) {
      differs.push('more thinner');
      done = { ...step, mix: { ...step.mix, waterParts: step.mix.waterParts + 0.5 } };
    }
    const on = { bench: this.bench, unit, surface, recipe, version: null, models: coming.models };
    const entry = paintedCoat(on, done, coat, this.head(), null, differs);
    const was = coming.recipe.steps.find(({ id }) => id === written.id)?.mix.parts ?? [];
    const usedOther = was.some(
      (part) => part.from === 'pot' && part.potId === this.asked.ranOut?.potId,
    );
    if (isOther && usedOther) entry.differs.push('other pot');
    if (coming.isMore) entry.differs.push('another coat');
    const minutes = this.chance.about(entry.reckoned / this.painter.speed, 0.35);
    this.clock += Math.max(1, minutes) * minuteMs;
    const painted: Painted = {
      ...entry,
      by: this.painter.name,
      at: new Date(this.clock).toISOString(),
      minutes: this.chance.happens(likely.noMinutes) ? null : Math.min(1440, Math.round(minutes)),
    };
    this.put(painted);
    batch.toCome.shift();
    this.afterwards(painted, coming, batch);
    batch.dryAt = this.clock + entry.dryMinutes * minuteMs;
  }

  /** Entries that may follow a coat: a mishap, one coat more than written, the drying felt for. */
  private afterwards(painted: Painted, coming: CoatToCome, batch: Models): void {
    const { step, coat } = coming;
    const { stepId, recipeId, version, line, where, dryMinutes } = painted;
    const [model] = coming.models;
    const at = { recipeId, version, stepId, line };
    const isLast = batch.toCome.at(0)?.step.id !== step.id;
    if (isLast && coat < mostCoats && this.chance.happens(likely.oneMore)) {
      // It had not covered: one coat more is wanted than was written.
      this.entries[this.entries.length - 1] = { ...painted, wanted: coat + 1 };
      batch.toCome.unshift({ ...coming, coat: coat + 1, isMore: true });
    }
    if (this.chance.happens(likely.mishap)) {
      const before = this.chance.about(9, 0.5);
      this.clock += 3 * minuteMs;
      this.put({
        kind: 'mishap',
        ...this.head(),
        benchId: this.bench.id,
        where: { ...where, models: [model] },
        ...at,
        what: this.chance.oneOf(mishapKinds),
        place: { from: 0.3, to: 0.6 },
        mend: {
          kind: 'restore',
          sentence: `Put line ${line} over it once more, thin, from its edge inwards.`,
          errorBefore: before,
          errorAfter: before / 6,
          minutes: 4,
        },
      });
    }
    if (dryMinutes > 0 && this.chance.happens(likely.felt))
      this.put({
        kind: 'dry',
        ...this.head(),
        benchId: this.bench.id,
        where: { ...where, models: [model] },
        ...at,
        coat,
        minutes: this.chance.about(dryMinutes * 1.15, 0.2),
        reckoned: dryMinutes,
      });
  }

  private mix({ step, recipe: written }: CoatToCome, { models }: Models): void {
    const { recipe } = this.recipeNow(written);
    const line = recipe.steps.findIndex(({ id }) => id === step.id) + 1;
    const on = {
      bench: this.bench,
      unit: this.batches[0].unit,
      surface: this.batches[0].unit.surfaces[0],
      recipe,
      version: null,
      models,
    };
    const now = recipe.steps.find(({ id }) => id === step.id) ?? step;
    const { brushed } = paintedCoat(on, now, 1, this.head(), null, []);
    this.put({
      kind: 'mixed',
      ...this.head(),
      benchId: this.bench.id,
      recipeId: recipe.id,
      stepId: step.id,
      line,
      brushed,
      ml: Math.round(this.chance.about(1.2 / loadOf(step.mix) / 2, 0.3) * 100) / 100,
      differs: [],
    });
    this.clock += 2 * minuteMs;
  }

  private put(entry: Unplaced): void {
    this.entries.push(entry);
  }
}
