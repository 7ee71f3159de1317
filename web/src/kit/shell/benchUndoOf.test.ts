import {
  corrected,
  correctionId,
  standing,
  type CoatEntry,
  type LogEntry,
} from '@yellow-ledger/core';
import fc from 'fast-check';
import { benchUndoOf } from './benchUndoOf';

const coat = (id: string, order: number, models: number[]) =>
  ({
    kind: 'coat',
    id,
    order,
    at: '2026-03-01T18:00:00.000Z',
    benchId: 'bench',
    where: { armyId: null, unitId: 'unit', surfaceId: 'cloak', models },
    brushed: { pots: [{ potId: 'ochre', share: 1 }], waterParts: 1, mediumParts: 0 },
    minutes: 3,
    reckoned: 3,
    used: [],
    differs: [],
  }) as unknown as CoatEntry;

/** A log that is written into as the bench does. */
class Table {
  entries: LogEntry[] = [];
  private order = 0;
  paint(models: number[]) {
    this.entries.push(coat(`e${this.order}`, this.order++, models));
  }
  strike(all: readonly LogEntry[]) {
    for (const { id } of all) {
      const order = this.order++;
      const head = { id: `s${order}`, order, at: '2026-03-01T19:00:00.000Z', benchId: 'bench' };
      this.entries.push({ kind: 'strike', ...head, of: id });
    }
  }
  correct(index: number, models: number[]) {
    const coats = standing(this.entries).filter((entry) => entry.kind === 'coat');
    const wrong = coats[index % coats.length];
    this.strike([wrong]);
    const id = correctionId(wrong.id, this.entries);
    this.entries.push(corrected(wrong, { models, minutes: 5 }, id));
  }
  counts = () =>
    standing(this.entries)
      .map((entry) => `${entry.id} ${'where' in entry ? entry.where.models.join() : ''}`)
      .sort();
}

const anyModels = fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 1, maxLength: 3 });

test('a correction is undone, done again and undone again as one thing', () => {
  fc.assert(
    fc.property(
      fc.array(anyModels, { minLength: 1, maxLength: 5 }),
      fc.array(fc.tuple(fc.nat(4), anyModels), { minLength: 1, maxLength: 4 }),
      (coats, corrections) => {
        const table = new Table();
        coats.forEach((models) => table.paint(models));
        corrections.slice(0, -1).forEach(([at, models]) => table.correct(at, models));
        const before = table.counts();
        const [at, models] = corrections[corrections.length - 1];
        table.correct(at, models);
        const after = table.counts();
        for (const expected of [before, after, before, after]) {
          const { undo, redo } = benchUndoOf(table.entries);
          table.strike(expected === before ? undo : redo);
          expect(table.counts()).toEqual(expected);
        }
      },
    ),
  );
});

test('a press is undone and done again', () => {
  const table = new Table();
  table.paint([1]);
  table.paint([2]);
  table.strike(benchUndoOf(table.entries).undo);
  expect(table.counts()).toEqual(['e0 1']);
  table.strike(benchUndoOf(table.entries).redo);
  expect(table.counts()).toEqual(['e0 1', 'e1 2']);
});

test('with nothing there is nothing to undo', () => {
  expect(benchUndoOf([])).toEqual({ undo: [], redo: [] });
});
