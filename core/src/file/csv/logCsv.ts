import Papa from 'papaparse';
import { formula } from '../formula';
import { holderOf, type LogEntry } from '../../answers/work/log/entry';
import { standing } from '../../answers/work/log/standing';
import { thinningWords } from '../../written/mix/mixWords';
import { nearestStop } from '../../written/place/toneAxis';

/** Names of what the log only knows by its identifiers; an identifier where a name is gone. */
export interface LogNames {
  army: (id: string) => string;
  /** @param holderId its army, or the bench of a figure of no army */
  unit: (holderId: string, unitId: string) => string;
  surface: (holderId: string, unitId: string, surfaceId: string) => string;
  pot: (id: string) => string;
  recipe: (id: string) => string;
}

const columns = [
  'When (UTC)',
  'Painter',
  'Army',
  'Unit',
  'Surface',
  'Models',
  'What',
  'Recipe',
  'Version',
  'Line',
  'Technique',
  'Coat',
  'Mix',
  'Thinned',
  'Differs',
  'Hands-on (min)',
  'Dries (min)',
  'Paint (ml)',
  'More',
] as const;

type Cells = Partial<Record<(typeof columns)[number], string | number>>;

/** The valid entries of a log as a table with commas; cells a spreadsheet would run stay text. */
export function writeLogCsv(entries: readonly LogEntry[], names: LogNames): string {
  // Benches count their entries apart: what brings them together is the clock.
  const byClock = standing(entries).sort((one, other) => one.at.localeCompare(other.at));
  const rows = byClock.map((entry) => {
    const cells: Cells = { 'When (UTC)': entry.at, Painter: entry.by ?? '', ...cellsOf(entry) };
    return columns.map((column) => cells[column] ?? '');
  });
  return Papa.unparse(
    { fields: [...columns], data: rows },
    { escapeFormulae: formula, newline: '\r\n' },
  );

  function cellsOf(entry: LogEntry): Cells {
    const shown = { What: entry.kind, ...whereCells(entry), More: entry.note ?? '' };
    switch (entry.kind) {
      case 'coat':
        return {
          ...shown,
          Recipe: entry.recipeName,
          Version: entry.version ?? 'as it was then',
          Line: entry.line || 'extra',
          Technique: entry.technique,
          Coat: entry.coat,
          ...mixCells(entry.brushed),
          Differs: entry.differs.join(', '),
          'Hands-on (min)': entry.minutes === null ? '' : rounded(entry.minutes),
          'Dries (min)': rounded(entry.dryMinutes),
          'Paint (ml)': rounded(entry.used.reduce((sum, { ml }) => sum + ml, 0)),
        };
      case 'mixed':
        return {
          ...shown,
          Recipe: names.recipe(entry.recipeId),
          Line: entry.line,
          ...mixCells(entry.brushed),
          Differs: entry.differs.join(', '),
          'Paint (ml)': rounded(entry.ml),
        };
      case 'skip':
      case 'found':
        return { ...shown, Recipe: names.recipe(entry.recipeId), Line: entry.line };
      case 'later':
        return {
          ...shown,
          Recipe: names.recipe(entry.recipeId),
          Line: entry.line,
          More: `${entry.what}: ${entry.isDone ? 'done' : 'put off'}`,
        };
      case 'dry':
        return { ...shown, Line: entry.line, Coat: entry.coat, 'Dries (min)': entry.minutes };
      case 'mishap':
        return {
          ...shown,
          Line: entry.line,
          More: `${entry.what} at ${nearestStop((entry.place.from + entry.place.to) / 2).name}; ${entry.mend.sentence} ΔE00 ${entry.mend.errorBefore.toFixed(1)} → ${entry.mend.errorAfter.toFixed(1)}`,
        };
      case 'reading':
        return {
          ...shown,
          More: `${nearestStop(entry.place).name}: L* ${entry.lab.map((each) => each.toFixed(1)).join(', ')} by ${entry.from}`,
        };
      case 'tick':
        return { ...shown, More: entry.isTicked ? 'ticked off' : 'not ticked off after all' };
      default:
        return shown;
    }
  }

  function whereCells(entry: LogEntry): Cells {
    if ('where' in entry) {
      const { armyId, unitId, surfaceId, models } = entry.where;
      return {
        Army: armyId === null ? '' : names.army(armyId),
        Unit: names.unit(holderOf({ armyId }, entry.benchId), unitId),
        Surface: names.surface(holderOf({ armyId }, entry.benchId), unitId, surfaceId),
        Models: models.join(' '),
      };
    }
    return entry.kind === 'tick'
      ? {
          Unit: names.unit(holderOf(entry, entry.benchId), entry.unitId),
          Models: entry.models.join(' '),
        }
      : {};
  }

  function mixCells(brushed: Extract<LogEntry, { kind: 'coat' }>['brushed']): Cells {
    return {
      Mix: brushed.pots
        .map(({ potId, share }) => `${names.pot(potId)} ${Math.round(share * 100)} %`)
        .join(' + '),
      Thinned: thinningWords(brushed),
    };
  }
}

const rounded = (figure: number) => Math.round(figure * 1000) / 1000;
