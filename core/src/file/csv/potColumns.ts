import { readHex } from '../../light/colour/hex';
import {
  driesAsNames,
  potFinishes,
  potFlows,
  potKinds,
  swatchReadings,
  thinsAsNames,
  type Pot,
} from '../../written/pot/pot';

/** A cell that says nothing a pot can hold, with what would be right. */
export class CellError extends Error {
  constructor(readonly expected: string) {
    super(expected);
    this.name = 'CellError';
  }
}

/** A column of a table of pots. */
export interface PotColumn {
  field: Exclude<keyof Pot, 'more' | 'usualThinner' | 'usualGlaze' | 'measuredAt'>;
  /** its heading going out */
  heading: string;
  /** other headings it is known by coming in */
  alsoKnownAs: readonly string[];
  /** @throws CellError */
  read: (cell: string) => Pot[PotColumn['field']];
}

const text = (cell: string) => cell;

/** A figure with a decimal point or a decimal comma; thousands may be set apart. */
export function readFigure(cell: string): number {
  const plain = cell.replace(/[\s\u00a0'’]/g, '');
  const lastComma = plain.lastIndexOf(',');
  const lastPoint = plain.lastIndexOf('.');
  const decimal = lastComma > lastPoint ? ',' : '.';
  const thousands = decimal === ',' ? /\./g : /,/g;
  const figure = Number(plain.replace(thousands, '').replace(decimal, '.'));
  if (plain === '' || !Number.isFinite(figure)) throw new CellError('a figure, as 12.5 or 12,5');
  return figure;
}

/** @example readShare('42 %') // → 0.42 */
function readShare(cell: string): number {
  return cell.includes('%') ? readFigure(cell.replace('%', '')) / 100 : readFigure(cell);
}

function readColour(cell: string): string {
  const hex = readHex(cell);
  if (hex) return hex;
  const channels = cell.split(/[\s,;/]+/).map(Number);
  if (channels.length === 3 && channels.every((c) => Number.isInteger(c) && c >= 0 && c <= 255))
    return `#${channels.map((channel) => channel.toString(16).padStart(2, '0')).join('')}`;
  throw new CellError('a colour, as #d99a1f or 217 154 31');
}

const yes = ['yes', 'true', '1', 'x', 'y'];
const no = ['no', 'false', '0', '-', 'n'];

function readYesNo(cell: string): boolean {
  const word = cell.toLowerCase();
  if (yes.includes(word)) return true;
  if (no.includes(word)) return false;
  throw new CellError('yes or no');
}

function readDay(cell: string): string {
  const [, year, month, day] = /^(\d{4})-(\d{1,2})-(\d{1,2})/.exec(cell) ?? [];
  const turned = /^(\d{1,2})\.(\d{1,2})\.(\d{4})$/.exec(cell);
  if (turned) return [turned[3], twoDigits(turned[2]), twoDigits(turned[1])].join('-');
  if (!year) throw new CellError('a day, as 2026-03-01 or 1.3.2026');
  return [year, twoDigits(month), twoDigits(day)].join('-');
}

const twoDigits = (figure: string) => figure.padStart(2, '0');

const oneOf =
  <Name extends string>(names: readonly Name[]) =>
  (cell: string): Name => {
    const found = names.find((name) => name === cell.toLowerCase());
    if (!found) throw new CellError(`one of ${names.join(', ')}`);
    return found;
  };

/** The columns of a table of pots, in the order they go out. */
export const potColumns: readonly PotColumn[] = [
  { field: 'id', heading: 'id', alsoKnownAs: ['identifier', 'key'], read: text },
  {
    field: 'name',
    heading: 'name',
    alsoKnownAs: ['paint', 'pot', 'title', 'colour name', 'color name', 'nom', 'farbe'],
    read: text,
  },
  {
    field: 'kind',
    heading: 'kind',
    alsoKnownAs: ['type', 'category', 'art'],
    read: oneOf(potKinds),
  },
  {
    field: 'finish',
    heading: 'finish',
    alsoKnownAs: ['sheen', 'gloss'],
    read: oneOf(potFinishes),
  },
  { field: 'flow', heading: 'flow', alsoKnownAs: ['consistency'], read: oneOf(potFlows) },
  {
    field: 'swatch',
    heading: 'swatch',
    alsoKnownAs: ['hex', 'colour', 'color', 'rgb', 'srgb', 'farbwert'],
    read: readColour,
  },
  {
    field: 'hiding',
    heading: 'hiding',
    alsoKnownAs: ['opacity', 'cover', 'coverage', 'deckkraft'],
    read: readShare,
  },
  {
    field: 'hidingIsGuess',
    heading: 'hiding is a guess',
    alsoKnownAs: ['guess', 'estimate'],
    read: readYesNo,
  },
  {
    field: 'volumeMl',
    heading: 'left ml',
    alsoKnownAs: ['ml', 'left', 'volume', 'amount', 'ml left', 'menge'],
    read: readFigure,
  },
  { field: 'lowMl', heading: 'low ml', alsoKnownAs: ['low', 'low mark'], read: readFigure },
  {
    field: 'openedOn',
    heading: 'opened on',
    alsoKnownAs: ['opened', 'date opened', 'geöffnet'],
    read: readDay,
  },
  { field: 'owner', heading: 'shelf', alsoKnownAs: ['owner', 'whose', 'place'], read: text },
  {
    field: 'dropsPerMl',
    heading: 'drops per ml',
    alsoKnownAs: ['drops', 'drops in a ml'],
    read: readFigure,
  },
  {
    field: 'brushfulDrops',
    heading: 'drops in a brushful',
    alsoKnownAs: ['brushful'],
    read: readFigure,
  },
  { field: 'thinsAs', heading: 'takes water', alsoKnownAs: ['thins'], read: oneOf(thinsAsNames) },
  { field: 'driesAs', heading: 'dries', alsoKnownAs: ['drying'], read: oneOf(driesAsNames) },
  {
    field: 'swatchShows',
    heading: 'swatch shows',
    alsoKnownAs: [],
    read: oneOf(swatchReadings),
  },
  { field: 'wetSwatch', heading: 'wet swatch', alsoKnownAs: ['wet'], read: readColour },
  { field: 'isWanted', heading: 'to buy', alsoKnownAs: ['wanted', 'buy'], read: readYesNo },
  { field: 'retired', heading: 'retired', alsoKnownAs: ['discontinued', 'gone'], read: readYesNo },
  {
    field: 'notes',
    heading: 'notes',
    alsoKnownAs: ['note', 'remark', 'remarks', 'comment', 'comments', 'bemerkung'],
    read: text,
  },
];
