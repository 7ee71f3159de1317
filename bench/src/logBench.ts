import {
  armyProgress,
  entrySchema,
  learnFigures,
  sessionsOf,
  type LogEntry,
} from '@yellow-ledger/core';
import BetterSqlite3 from 'better-sqlite3';
import { z } from 'zod';
import { pots } from '../../core/src/testing/sampleRecipe';
import { levy, recipeOf, watch } from '../../core/src/testing/sampleLog';
import { benchServer } from './benchServer';
import { coats } from './manyCoats';
import { medianMsOf, ms, times } from './measure';

const count = 10_000;
const rounds = 15;
const itemsSchema = z.object({
  items: z.array(z.object({ sequence: z.number(), entry: entrySchema })),
});

/** A log of 10,000 coats: opening it, and the progress of its army, beside the bare read. */
export async function benchLog(): Promise<void> {
  const { url, file, send, stop } = await benchServer();
  try {
    const army = { ...levy, units: [{ ...watch, models: 2000 }] };
    for (let from = 0; from < count; from += 500)
      await send('POST', '/api/log', { entries: coats(from, 500) });
    const bare = new BetterSqlite3(file, { readonly: true });
    const rows = bare.prepare<[], { content: string }>('select * from log_entries');
    const bareMs = await medianMsOf(async () => {
      const items = rows
        .all()
        .map((row) => ({ ...row, content: JSON.parse(row.content) as object }));
      return JSON.stringify({ items });
    }, rounds);
    bare.close();
    const fetched = async () => (await fetch(`${url}/api/log`)).text();
    const apiMs = await medianMsOf(fetched, rounds);
    const read = async (): Promise<LogEntry[]> =>
      itemsSchema.parse(JSON.parse(await fetched())).items.map(({ entry }) => entry);
    const opened = await medianMsOf(async () => sessionsOf(await read()), rounds);
    const progress = await medianMsOf(
      async () => armyProgress(army, recipeOf, await read()),
      rounds,
    );
    const figures = await medianMsOf(async () => learnFigures(await read()), rounds);
    const told = (says: string, took: number) =>
      console.log(`  ${says.padEnd(44)}${ms(took)}   ${times(took / bareMs)} the bare read`);
    console.log(`\nA log of ${count.toLocaleString('en')} entries`);
    console.log(`  ${'bare SQLite read, JSON parsed and written'.padEnd(44)}${ms(bareMs)}`);
    told('over the API', apiMs);
    told('opened: fetched, checked, put into sittings', opened);
    told('progress of its army', progress);
    told('own figures', figures);
    await benchPress();
  } finally {
    stop();
  }
}

/** One press at a bench that draws paint, and an old entry struck out, in a short log and in a long one. */
async function benchPress(): Promise<void> {
  const long = 100_000;
  const pressed: number[] = [];
  const struck: number[] = [];
  for (const entries of [10, long]) {
    const { send, stop } = await benchServer();
    try {
      for (const pot of Object.values(pots))
        await send('PUT', `/api/pots/${pot.id}`, { content: pot, revision: 0 });
      for (let from = 0; from < entries; from += 500)
        await send('POST', '/api/log', { entries: coats(from, Math.min(500, entries - from)) });
      let next = long;
      pressed.push(
        await medianMsOf(() => send('POST', '/api/log', { entries: coats(next++, 1) }), 45),
      );
      let old = 0;
      const strikeOld = () => {
        const [{ id: of, benchId }] = coats(old++ % entries, 1);
        const order = next++;
        const head = { id: `strike-${order}`, benchId, at: '2026-12-01T18:00:00.000Z', order };
        return send('POST', '/api/log', { entries: [{ kind: 'strike', ...head, of }] });
      };
      struck.push(await medianMsOf(strikeOld, 45));
    } finally {
      stop();
    }
  }
  for (const [says, [few, many]] of [
    ['one press', pressed],
    ['an old entry struck out', struck],
  ] as const)
    console.log(
      `  ${says}: with 10 entries ${ms(few)}, with ${long.toLocaleString('en')} ${ms(many)}   ${times(many / few)}`,
    );
}
