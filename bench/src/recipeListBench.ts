import BetterSqlite3 from 'better-sqlite3';
import { benchServer } from './benchServer';
import { fortySteps, pots } from './fortySteps';
import { medianMsOf, ms, times } from './measure';

/** A list of 1,000 recipes of eight lines: the API beside the bare read of the same rows. */
export async function benchRecipeList(): Promise<void> {
  const { url, file, send, stop } = await benchServer();
  const put = (path: string, content: object) => send('PUT', path, { content, revision: 0 });
  try {
    for (const pot of pots) await put(`/api/pots/${pot.id}`, pot);
    const recipe = { ...fortySteps(), steps: fortySteps().steps.slice(0, 8) };
    for (let i = 0; i < 1000; i++)
      await put(`/api/recipes/r${i}`, { ...recipe, id: `r${i}`, name: `Recipe ${i}` });

    const bare = new BetterSqlite3(file, { readonly: true });
    const rows = bare.prepare<[], { content: string }>('select * from recipes');
    const bareMs = await medianMsOf(async () => {
      const items = rows
        .all()
        .map((row) => ({ ...row, content: JSON.parse(row.content) as unknown }));
      return JSON.stringify({ items });
    }, 15);
    const apiMs = await medianMsOf(async () => (await fetch(`${url}/api/recipes`)).text(), 15);
    bare.close();
    console.log('\nList of 1,000 recipes of eight lines');
    console.log(`  bare SQLite read, JSON parsed and written ${ms(bareMs)}`);
    console.log(
      `  over the API                              ${ms(apiMs)}   ${times(apiMs / bareMs)} the bare read`,
    );
  } finally {
    stop();
  }
}
