import { restore } from './backup/restore';
import { ownDatabase } from './start/ownDatabase';
import { keepFilesPrivate } from './start/ownFiles';
import { startOptions } from './start/startOptions';
import { sentenceOfStart, StartProblem } from './start/startProblem';

const [from, ...others] = process.argv.slice(2);
const { databaseFile, backupFolder } = startOptions([], process.env);

try {
  if (from === undefined || others.length > 0)
    throw new StartProblem('say which backup: npm run restore -- FILE');
  keepFilesPrivate(databaseFile, backupFolder);
  const own = ownDatabase(databaseFile, { mayBeGone: true });
  const { counts, replaced } = await restore(from, databaseFile);
  own.isMade();
  own.release();
  const said = Object.entries(counts).filter(([, count]) => count > 0);
  console.log(`${from} is the ledger now: ${databaseFile}`);
  for (const [label, count] of said) console.log(`  ${label}: ${count}`);
  if (replaced) console.log(`What was there is kept as ${replaced}`);
} catch (error) {
  const sentence = sentenceOfStart(error, databaseFile);
  if (sentence === null) throw error;
  console.error(`Nothing was changed: ${sentence}`);
  process.exit(1);
}
