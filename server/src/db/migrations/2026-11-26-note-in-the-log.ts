import {
  armySchema,
  broughtOver,
  entrySchema,
  measuredAfter,
  paintUsed,
  pinKey,
  potSchema,
  recipeSchema,
  withoutNotes,
  type LogEntry,
  type RecipeOf,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { insertMany } from '../inParts';
import { notedCoats, rowOf } from '../../log/logRows';
import { usedRow } from '../../log/usedPaint';
import { forwardOnly } from './forwardOnly';

interface Row {
  id: string;
  content: string;
}

/**
 * Coats painted by a plan and ticked parts stand in the log alone; the paint used
 * from pots is counted from it, and no longer taken off what was measured.
 */
export const noteInTheLog: Knex.Migration = {
  async up(db) {
    await db.schema.alterTable('log_entries', (table) => table.string('struck_id').index());
    await db.schema.createTable('noted_coats', (table) => {
      table.string('coat').notNullable().index();
      table.string('entry_id').notNullable().index();
    });
    await db.schema.createTable('used_paint', (table) => {
      table.string('entry_id').notNullable().index();
      table.string('pot_id').notNullable();
      table.integer('at_ms').notNullable();
      table.float('ml').notNullable();
      table.index(['pot_id', 'at_ms', 'ml']);
    });
    await db.schema.alterTable('pots', (table) => table.integer('measured_ms'));

    const log = (await db<Row>('log_entries').orderBy('sequence')).map(({ content }) =>
      entrySchema.parse(JSON.parse(content)),
    );
    for (const entry of log) {
      const { struck_id } = rowOf(entry, '');
      if (struck_id !== null) await db('log_entries').where({ id: entry.id }).update({ struck_id });
    }
    const noted = await notesOfArmies(db, log);
    const savedAt = new Date().toISOString();
    const rows = noted.map((entry) => rowOf(entry, savedAt));
    await insertMany(db, 'log_entries', rows);
    const whole = [...log, ...noted];
    await insertMany(db, 'noted_coats', whole.flatMap(notedCoats));
    await insertMany(db, 'used_paint', paintUsed(whole).map(usedRow));
    await measurePots(db, whole);
  },
  down: forwardOnly,
};

async function notesOfArmies(db: Knex, log: readonly LogEntry[]): Promise<LogEntry[]> {
  const recipeOf = await recipesOf(db);
  const noted: LogEntry[] = [];
  for (const { id, content } of await db<Row>('armies')) {
    const { army, notes } = withoutNotes(JSON.parse(content));
    const over = broughtOver(armySchema.parse(army), notes, recipeOf, [...log, ...noted]);
    noted.push(...over.entries);
    await db('armies')
      .where({ id })
      .update({ content: JSON.stringify(over.army) });
  }
  return noted;
}

async function recipesOf(db: Knex): Promise<RecipeOf> {
  const recipes = await db<Row>('recipes');
  const versions = await db<{ recipe_id: string; number: number; content: string }>('versions');
  const texts = new Map([
    ...recipes.map(
      ({ id, content }) => [pinKey({ recipeId: id, version: null }), content] as const,
    ),
    ...versions.map(
      ({ recipe_id, number, content }) =>
        [pinKey({ recipeId: recipe_id, version: number }), content] as const,
    ),
  ]);
  return (pin) => {
    const text = texts.get(pinKey(pin));
    return text === undefined ? undefined : recipeSchema.parse(JSON.parse(text));
  };
}

/** The pots were drawn down as coats were noted: what they say is left was so after the last. */
async function measurePots(db: Knex, log: readonly LogEntry[]): Promise<void> {
  for (const { id, content } of await db<Row>('pots')) {
    const before = potSchema.parse(JSON.parse(content));
    const [pot] = measuredAfter([before], log);
    if (pot.measuredAt === undefined || pot === before) continue;
    const measured_ms = Date.parse(pot.measuredAt);
    await db('pots')
      .where({ id })
      .update({ content: JSON.stringify(pot), measured_ms });
  }
}
