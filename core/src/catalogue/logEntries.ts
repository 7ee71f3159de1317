import { entrySchema, type LogEntry } from '../answers/work/log/entry';
import { looks, ofClub, own } from './grants';
import type { Kind } from './kind';

/** Entries are added and struck out, each by who wrote it; none is changed. */
export const logEntries: Kind<LogEntry> = {
  schema: entrySchema,
  label: 'entry of the log',
  changes: 'added',
  rights: {
    look: looks,
    create: { keeper: own, painter: own },
    delete: { keeper: ofClub },
  },
  repeats: { recipeId: ['recipeName'] },
  names: {
    benchId: ['benches', 'armies'],
    armyId: ['armies'],
    recipeId: ['recipes'],
    potId: ['pots'],
    groundPotId: ['pots'],
    of: ['log'],
  },
  since: 2,
  isKeptInBrowser: true,
};
