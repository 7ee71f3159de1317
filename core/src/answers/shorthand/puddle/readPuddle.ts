import type { DropMore } from '../../../written/mix/dropMore';
import { numberWords } from '../numberWords';
import type { PotNames } from '../potNames';
import { wordsOf, type Word } from '../words';

/** Drops that were said to go into a puddle; or why the sentence is not understood. */
export type PuddleReading = { is: 'drops'; more: DropMore[] } | { is: 'unclear'; message: string };

/** Drops in one brushful of a usual brush. */
export const usualBrushfulDrops = 2;

/** Small amounts that nobody counts, in drops. */
const amounts: Readonly<Record<string, number>> = {
  half: 0.5,
  touch: 0.5,
  dab: 0.5,
  bit: 0.5,
  tad: 0.5,
  hint: 0.5,
  little: 0.5,
  speck: 0.5,
  smidge: 0.5,
  splash: 1,
  couple: 2,
  pair: 2,
  few: 3,
};
const drops = new Set(['drop', 'drops', 'droplet', 'droplets', 'blob', 'blobs']);
const brushfuls = new Set(['brush', 'brushful', 'brushfuls', 'brushes', 'brushload', 'brushloads']);
const less = new Set(['less', 'fewer', 'minus', 'without', 'remove', 'out']);
const thinner = new Set(['thinner', 'runnier', 'thin', 'waterier', 'wetter']);
const thicker = new Set(['thicker', 'stiffer', 'drier']);
const ends = new Set(['and', 'then', 'plus', '+', ',', ';', '.']);
const directions = new Set([
  'lighter',
  'darker',
  'warmer',
  'colder',
  'cooler',
  'duller',
  'brighter',
]);

/**
 * Reads what somebody at the palette says of a puddle: “drop more ochre”, “2 water and a touch of
 * umber”, “bit thinner”, “half a brush of water”, “one drop less black”.
 *
 * @param inPuddle identifiers of its pots, which win where a name stands for several
 */
export function readPuddle(
  sentence: string,
  names: PotNames,
  inPuddle: ReadonlySet<string>,
): PuddleReading {
  const more: DropMore[] = [];
  let aside: string | null = null;
  let from = 0;
  const words = wordsOf(sentence);
  while (from < words.length) {
    const clause = readClause(words, from, names, inPuddle);
    if ('message' in clause) return { is: 'unclear', message: clause.message };
    if ('more' in clause) more.push(clause.more);
    else aside ??= clause.aside;
    from = clause.to;
  }
  // “No, too dark, a drop of water” says one thing to put in.
  if (more.length === 0)
    return {
      is: 'unclear',
      message: aside
        ? `“${aside}” names no pot on the shelf, no water and no medium.`
        : 'Say a pot, water or medium.',
    };
  return { is: 'drops', more };
}

type Clause = { message: string } | { more: DropMore; to: number } | { aside: string; to: number };

function readClause(
  words: readonly Word[],
  from: number,
  names: PotNames,
  inPuddle: ReadonlySet<string>,
): Clause {
  let amount: number | null = null;
  let sign = 1;
  let isBrush = false;
  let of: DropMore['of'] | null = null;
  let at = from;
  for (; at < words.length; at++) {
    const { text, is } = words[at];
    if (ends.has(text)) {
      at++;
      break;
    }
    const number = is === 'number' ? words[at].value : numberOf(text);
    // “2 water 1 ochre” says two things.
    if (of !== null && amount !== null && (number !== undefined || text in amounts)) break;
    if (number !== undefined) amount = number;
    // “Half a drop” and “a little touch” say one amount.
    else if (text in amounts) amount = amount === null ? amounts[text] : amount;
    else if (drops.has(text)) amount ??= 1;
    else if (brushfuls.has(text)) isBrush = true;
    else if (less.has(text)) sign = -1;
    else if (text === 'water') of = 'water';
    else if (text === 'medium') of = 'medium';
    else if (thinner.has(text)) of = 'water';
    else if (thicker.has(text))
      return { message: 'Water does not come out again: add paint to make it thicker.' };
    else if (directions.has(text)) return { message: `Say which pot makes it ${text}.` };
    else {
      const found = names.foundAt(words, at);
      if (!found) continue;
      const pot = chosenOf(found.pots, inPuddle);
      if ('message' in pot) return pot;
      of = pot;
      at += found.length - 1;
    }
  }
  if (of === null) {
    const said = words.slice(from, at).filter(({ text }) => !ends.has(text));
    return { aside: said.map(({ text }) => text).join(' '), to: at };
  }
  const brushful =
    typeof of === 'object'
      ? (names.shelf.get(of.potId)?.brushfulDrops ?? usualBrushfulDrops)
      : usualBrushfulDrops;
  return { more: { of, drops: sign * (amount ?? 1) * (isBrush ? brushful : 1) }, to: at };
}

function numberOf(text: string): number | undefined {
  const index = numberWords.indexOf(text);
  return index < 0 ? undefined : index + 1;
}

function chosenOf(
  pots: readonly { id: string; name: string }[],
  inPuddle: ReadonlySet<string>,
): { potId: string } | { message: string } {
  const here = pots.filter(({ id }) => inPuddle.has(id));
  const wanted = here.length > 0 ? here : pots;
  if (wanted.length === 1) return { potId: wanted[0].id };
  const called = wanted.slice(0, 3).map(({ name }) => name);
  return { message: `Which one: ${called.join(', ')}?` };
}
