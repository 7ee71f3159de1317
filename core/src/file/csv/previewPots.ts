import { colourOfHex } from '../../light/colour/colourOfHex';
import { asLeft, asMeasured } from '../../written/pot/left';
import { potSchema, type Pot } from '../../written/pot/pot';
import { ownerOf } from '../../written/pot/stock';
import { fieldErrors } from '../../written/record/fieldErrors';
import type { Kept } from '../../written/record/revision';
import { isSameContent } from '../../written/record/sameContent';
import { CellError, potColumns } from './potColumns';
import { readCell, type ColumnMapping } from './potCsv';
import type { PotTable } from './potTable';

/** A row that cannot be taken in, with every reason. */
export interface BadRow {
  /** as a spreadsheet counts: the header is row 1 */
  row: number;
  reasons: string[];
}

/** The effect of importing a table. Nothing is written until the painter confirms. */
export interface PotsPreview {
  fresh: Pot[];
  changed: { pot: Pot; revision: number }[];
  /** rows that say what is on the shelf already */
  same: number;
  bad: BadRow[];
}

/** Looks at a table a stretch at a time, so that a long one can show how far it is. */
export interface PotsPreviewer {
  /** @param from @param to rows, `to` left out */
  look: (from: number, to: number) => void;
  preview: PotsPreview;
}

/**
 * The pots a table would add to a shelf, and change on it. A row is a pot that is there when it
 * has its id, or its name on the same shelf; then cells that are empty leave what is there alone.
 * A new pot without a hiding gets a guessed one.
 *
 * @param newId makes an identifier for a pot that has none
 * @param now what is said to be left is measured now; ISO 8601, UTC
 */
export function previewPots(
  { rows }: PotTable,
  mapping: ColumnMapping,
  shelf: readonly Kept<Pot>[],
  newId: () => string,
  now: string,
): PotsPreviewer {
  const byId = new Map(shelf.map((kept) => [kept.content.id, kept]));
  const byName = new Map(shelf.map((kept) => [nameKey(kept.content), kept]));
  const taken = new Map<string, number>();
  const preview: PotsPreview = { fresh: [], changed: [], same: 0, bad: [] };
  const columns = potColumns.flatMap((column) => {
    const index = mapping[column.field];
    return index === undefined ? [] : [{ ...column, index }];
  });

  return {
    preview,
    look(from, to) {
      for (let i = from; i < Math.min(to, rows.length); i++) lookAt(rows[i], i + 2);
    },
  };

  function lookAt(row: readonly string[], number: number): void {
    const reasons: string[] = [];
    const written: Partial<Record<keyof Pot, unknown>> = {};
    for (const { field, heading, index, read } of columns) {
      const cell = readCell(row[index]);
      if (cell === '') continue;
      try {
        written[field] = read(cell);
      } catch (error) {
        if (!(error instanceof CellError)) throw error;
        reasons.push(`${heading} is “${shortened(cell)}”; it should be ${error.expected}.`);
      }
    }
    if (written.name === undefined) reasons.push('name is empty; a pot needs one.');
    const named = { name: String(written.name ?? ''), owner: written.owner as string | undefined };
    const known = byId.get(String(written.id)) ?? byName.get(nameKey(named));
    const begun = known ? asLeft(known) : beginning(written, newId);
    const id = known?.content.id ?? (written.id === undefined ? begun.id : String(written.id));
    const pot = { ...begun, ...written, id };
    const checked = potSchema.safeParse(pot);
    if (!checked.success && reasons.length === 0)
      for (const { field, value, expected } of fieldErrors(checked.error, pot))
        reasons.push(`${headingOf(field)} is ${value}; it should be ${expected}.`);
    const before = taken.get(pot.id) ?? taken.get(nameKey(named));
    if (before !== undefined && reasons.length === 0)
      reasons.push(`it is the same pot as row ${before}.`);
    if (reasons.length > 0 || !checked.success) {
      preview.bad.push({ row: number, reasons });
      return;
    }
    taken.set(pot.id, number);
    taken.set(nameKey(named), number);
    if (!known) preview.fresh.push(checked.data);
    else {
      const pot = asMeasured(known, checked.data, now);
      if (isSameContent(known.content, pot)) preview.same++;
      else preview.changed.push({ pot, revision: known.revision });
    }
  }
}

/** A pot nobody has said anything of but its name. Without a swatch it is no colour: grey. */
function beginning(written: Partial<Record<keyof Pot, unknown>>, newId: () => string): Pot {
  const swatch = typeof written.swatch === 'string' ? written.swatch : '#808080';
  return {
    id: newId(),
    name: '',
    kind: 'paint',
    finish: 'matt',
    flow: 'normal',
    swatch,
    hiding: guessedHiding(swatch),
    hidingIsGuess: written.hiding === undefined,
    volumeMl: null,
    notes: '',
    retired: false,
  };
}

/** Light and strong colours hide badly, dark and dull ones well. A guess, and marked as one. */
function guessedHiding(swatch: string): number {
  const { value, chroma } = colourOfHex(swatch);
  const guess = 0.95 - 0.004 * value - 0.003 * chroma;
  return Math.round(Math.min(0.95, Math.max(0.2, guess)) * 100) / 100;
}

function nameKey(pot: Pick<Pot, 'name' | 'owner'>): string {
  return `${ownerOf(pot).toLocaleLowerCase()} / ${pot.name.trim().toLocaleLowerCase()}`;
}

const headingOf = (field: string) =>
  potColumns.find((column) => column.field === field)?.heading ?? field;

const shortened = (cell: string) => (cell.length > 40 ? `${cell.slice(0, 40)}…` : cell);
