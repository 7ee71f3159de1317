import { broughtOver, type OlderNotes } from '../answers/work/bench/olderArmies';
import type { RecipeOf } from '../answers/work/army/paintNeeded';
import { pinKey } from '../written/recipe/recipePin';
import type { LogEntry } from '../answers/work/log/entry';
import type { Pot } from '../written/pot/pot';
import type { LedgerFile } from './ledgerFile';

/** The notes of armies of an older file, by their identifier; armies that noted nothing are not there. */
export type NotesOfArmies = ReadonlyMap<string, OlderNotes>;

/** Whether a file says something in a way that hangs together over all of it, as older ones did. */
export const saysOtherwise = (head: Pick<LedgerFile, 'minor'>, notes: NotesOfArmies): boolean =>
  isBeforeMeasuring(head) || notes.size > 0;

/**
 * A file with what its armies noted themselves as entries of its log. Its pots were as full as it
 * says when the last of that had been painted.
 */
export function withNotes(file: LedgerFile, notes: NotesOfArmies): LedgerFile {
  if (!saysOtherwise(file, notes)) return file;
  const isOlder = isBeforeMeasuring(file);
  const recipeOf = recipesIn(file);
  const entries: LogEntry[] = [];
  const armies = file.armies?.map((army) => {
    const of = notes.get(army.id);
    if (!of) return army;
    const over = broughtOver(army, of, recipeOf, file.log ?? []);
    entries.push(...over.entries);
    return over.army;
  });
  const log = [...(file.log ?? []), ...entries];
  return {
    ...file,
    pots: isOlder ? measuredAfter(file.pots, log) : file.pots,
    ...(armies && { armies }),
    ...(log.length > 0 && { log }),
  };
}

/** Minor version from which a pot says when it was measured. */
const measuredSince = 3;
const isBeforeMeasuring = ({ minor = 0 }: Pick<LedgerFile, 'minor'>) => minor < measuredSince;

/** Pots that were drawn down by a log as it was written: nothing of it is to be taken off again. */
export function measuredAfter(pots: readonly Pot[], log: readonly LogEntry[]): Pot[] {
  if (log.length === 0) return [...pots];
  const last = log.reduce((most, { at }) => Math.max(most, Date.parse(at)), 0);
  const measuredAt = new Date(last).toISOString();
  return pots.map((pot) =>
    pot.volumeMl === null || pot.measuredAt !== undefined ? pot : { ...pot, measuredAt },
  );
}

function recipesIn({ recipes, versions = [] }: LedgerFile): RecipeOf {
  const byPin = new Map([
    ...recipes.map((recipe) => [pinKey({ recipeId: recipe.id, version: null }), recipe] as const),
    ...versions.map(
      ({ recipeId, number, content }) => [pinKey({ recipeId, version: number }), content] as const,
    ),
  ]);
  return (pin) => byPin.get(pinKey(pin));
}
