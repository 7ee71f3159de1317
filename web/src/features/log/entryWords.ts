import {
  holderOf,
  nearestStop,
  techniqueOf,
  thinningWords,
  type LogEntry,
} from '@yellow-ledger/core';
import type { LogNamesKnown } from './logWork';
import { mendedWords } from '../../kit/log/mendedWords';
import { modelsWords } from '../../kit/words/modelsWords';

/** The unit of an entry. */
export const unitName = (entry: LogEntry, names: LogNamesKnown) =>
  'where' in entry ? (names.units[unitKey(entry)] ?? 'a unit that is gone') : '';

/** The surface of an entry. */
export const surfaceName = (entry: Extract<LogEntry, { where: unknown }>, names: LogNamesKnown) =>
  names.surfaces[`${unitKey(entry)} ${entry.where.surfaceId}`] ?? 'a surface that is gone';

const unitKey = (entry: Extract<LogEntry, { where: unknown }>) =>
  `${holderOf(entry.where, entry.benchId)} ${entry.where.unitId}`;

/** An entry as somebody would tell it. */
export function entryWords(
  entry: LogEntry,
  names: LogNamesKnown,
  potName: (potId: string) => string,
): string {
  const where =
    'where' in entry
      ? `${unitName(entry, names)} ${modelsWords(entry.where.models)}, ${surfaceName(entry, names)}`
      : '';
  const mixOf = (brushed: Extract<LogEntry, { kind: 'mixed' }>['brushed']) =>
    `${brushed.pots.map(({ potId, share }) => (brushed.pots.length === 1 ? potName(potId) : `${potName(potId)} ${Math.round(share * 100)} %`)).join(' + ')}, ${thinningWords(brushed)}`;
  switch (entry.kind) {
    case 'coat': {
      const line = entry.line === 0 ? 'an extra step' : `line ${entry.line}`;
      const differs = entry.differs.length > 0 ? ` (${entry.differs.join(', ')})` : '';
      return `${where}: ${line} of ${entry.recipeName}, ${techniqueOf(entry.technique).label}, coat ${entry.coat}${entry.wanted ? ', one more wanted' : ''}; ${mixOf(entry.brushed)}${differs}`;
    }
    case 'skip':
      return `${where}: line ${entry.line} skipped`;
    case 'later':
      return `${where}: ${entry.what}, line ${entry.line}, ${entry.isDone ? 'done after all' : 'left for later'}`;
    case 'found':
      return `${where}: painted before, up to line ${entry.line}`;
    case 'stripped':
      return `${where}: stripped of all its paint`;
    case 'mixed':
      return `Mixed for line ${entry.line} of ${names.recipes[entry.recipeId] ?? 'a recipe'}: ${mixOf(entry.brushed)}${entry.differs.length > 0 ? ` (${entry.differs.join(', ')})` : ''}`;
    case 'mishap':
      return `${where}: ${entry.what} at the ${nearestStop((entry.place.from + entry.place.to) / 2).name}; ${mendedWords(entry.mend)}`;
    case 'dry':
      return `${where}: dry after ${Math.round(entry.minutes)} min (expected ${Math.round(entry.reckoned)})`;
    case 'tick':
      return `${names.units[`${holderOf(entry, entry.benchId)} ${entry.unitId}`] ?? 'a unit'} ${modelsWords(entry.models)}: parts ${entry.isTicked ? 'ticked off' : 'not ticked off after all'}`;
    case 'reading':
      return `${where}: read at the ${nearestStop(entry.place).name}, L* ${entry.lab[0].toFixed(1)}, a ${entry.lab[1].toFixed(1)}, b ${entry.lab[2].toFixed(1)}`;
    case 'learned':
      return `Learned: a film ${entry.factor.toFixed(2)} times the usual, from ${entry.readings} readings (ΔE00 ${entry.before.toFixed(1)} → ${entry.after.toFixed(1)})`;
    case 'strike':
      return 'Taken back';
  }
}
