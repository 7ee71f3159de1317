import type { Pot } from '../../../written/pot/pot';
import { isWordOfOurs, spelled } from '../lexicon/lexicon';
import { wordsOf, type Word } from '../words';

/** Pots a run of words can stand for. */
export interface PotRun {
  length: number;
  pots: readonly Pot[];
  /** the whole name, but for the words that say its kind */
  isWhole: boolean;
  /** an everyday word too: it is a pot only where the sentence says so */
  isEveryday: boolean;
  score: number;
}

interface Named {
  pot: Pot;
  words: readonly string[];
  /** words of the name without its kind: Ember for Ember Ink */
  core: number;
}

const kindWords = new Set([
  'ink',
  'wash',
  'medium',
  'varnish',
  'primer',
  'paint',
  'glaze',
  'gloss',
]);
/** Words of names that are everyday words too: alone they are seldom a pot. */
const everyday = new Set(
  'wet dry old new raw cold warm fair still pool pools water brow coat light shade down clay wing cheek knuckle glass slow dew plank second bottle helm buckle polished matt gloss deep soft hard bright dark dusk smoke skin bone lantern tarred'.split(
    ' ',
  ),
);
/** Bare pigments: the one pot that has the word. */
const pigments = new Set(
  'white black grey brown red orange yellow green blue violet purple pink turquoise sand bone skin ochre umber straw tan steel brass copper gold silver bronze slate rust olive cream'.split(
    ' ',
  ),
);

/** The names of a shelf by each of their words. */
export class PotIndex {
  private readonly byWord = new Map<string, { named: Named; at: number }[]>();
  private readonly words: readonly string[];

  constructor(pots: readonly Pot[]) {
    for (const pot of pots) {
      const words = wordsOf(pot.name)
        .filter(({ is }) => is === 'word' || is === 'number')
        .map(({ text }) => spelled(text));
      let core = words.length;
      while (core > 1 && kindWords.has(words[core - 1])) core--;
      // “Gullwhite” for Gull White
      if (core > 1)
        this.add(
          words.slice(0, core).join(''),
          { pot, words: [words.slice(0, core).join('')], core: 1 },
          0,
        );
      words.forEach((word, at) => {
        this.add(word, { pot, words, core }, at);
      });
    }
    this.words = [...this.byWord.keys()];
  }

  private add(word: string, named: Named, at: number): void {
    const list = this.byWord.get(word) ?? [];
    list.push({ named, at });
    this.byWord.set(word, list);
  }

  /** Every run of words from a place on that may be pots, longest first. */
  runsAt(words: readonly Word[], at: number): PotRun[] {
    const first = spelled(words[at].text);
    const exact = this.runsFor(words, at, first, 0);
    // “Reed pollen” for Reedpollen
    const next = words.at(at + 1);
    const joined = next && at + 1 < words.length ? first + spelled(next.text) : '';
    const [run] = this.byWord.has(joined)
      ? this.runsFor([{ ...words[at], text: joined }], 0, joined, 0)
      : [];
    if (run?.isWhole) exact.unshift({ ...run, length: 2, score: run.score + 2 });
    if (exact.length > 0 || first.length < 3 || words[at].is !== 'word') return exact;
    return this.begun(words, at, first);
  }

  private runsFor(words: readonly Word[], at: number, first: string, penalty: number): PotRun[] {
    const byLength = new Map<number, Omit<PotRun, 'length' | 'pots'> & { pots: Pot[] }>();
    for (const { named, at: start } of this.byWord.get(first) ?? []) {
      let length = 1;
      while (
        start + length < named.words.length &&
        at + length < words.length &&
        spelled(words[at + length].text) === named.words[start + length]
      )
        length++;
      // “Oilskin second bottle” for Oilskin Yellow, second bottle: a word of the name is left out.
      const skipped = skippedRun(words, at + length, named, start + length);
      const isWhole = start === 0 && (length >= named.core || skipped > 0);
      // “Ink”, “wash”: the kind of a pot alone is none of them.
      // “Gloss” is the varnish that says it.
      const isGloss = first === 'gloss' && named.pot.kind === 'varnish';
      if (length === 1 && !isWhole && kindWords.has(first) && !isGloss) continue;
      const isEveryday = !isWhole && length === 1 && isEverydayWord(first);
      // “Amber ink”: the kind of the pot is no other pot.
      length += skipped;
      const next = words.at(at + length);
      if (next && at + length < words.length && kindSaid(named.pot) === next.text) length++;
      if (named.pot.retired && !(start === 0 && length === named.words.length)) continue;
      // “Black” is no primer that is called so, unless something is primed.
      const isColour = length === 1 && named.pot.kind === 'primer' && pigments.has(first);
      if (isColour && !words.some(({ text }) => /^prim|^undercoat/u.test(text))) continue;
      // “White primer” is a primer, and not the white among the paints.
      const isOfPrimer =
        named.pot.kind !== 'primer' && /^primer/u.test(words.at(at + 1)?.text ?? '');
      if (isOfPrimer && length === 1 && pigments.has(first)) continue;
      const score = scoreOf(named, start, length, isWhole) - penalty;
      const before = byLength.get(length);
      if (!before || score > before.score + 0.01)
        byLength.set(length, { pots: [named.pot], isWhole, isEveryday, score });
      else if (Math.abs(score - before.score) <= 0.01) before.pots.push(named.pot);
    }
    return [...byLength]
      .map(([length, run]) => ({ length, ...run }))
      .sort((one, other) => other.length - one.length);
  }

  /** A word of a name that is not written out, or has one wrong letter. */
  private begun(words: readonly Word[], at: number, first: string): PotRun[] {
    if (isWordOfOurs(first)) return [];
    const isLast = at === words.length - 1;
    for (const word of this.words) {
      const isBegun = word.startsWith(first) && (isLast || first.length >= 5);
      const isPlural = first.endsWith('s') && word === first.slice(0, -1);
      if (isPlural || isBegun || (first.length >= 5 && isNear(first, word)))
        return this.runsFor(words, at, word, isPlural ? 0.3 : 1.2);
    }
    return [];
  }
}

/** A word of ours that begins a name is seldom that pot. */
const isEverydayWord = (word: string): boolean =>
  everyday.has(word) || (isWordOfOurs(word) && !pigments.has(word));

/** Words that go on with a name after one word of it was left out. */
function skippedRun(words: readonly Word[], at: number, named: Named, from: number): number {
  let length = 0;
  while (
    at + length < words.length &&
    from + 1 + length < named.words.length &&
    spelled(words[at + length].text) === named.words[from + 1 + length]
  )
    length++;
  return from + 1 + length === named.words.length && length > 1 ? length : 0;
}

const kindSaid = ({ kind }: Pot): string | null =>
  kind === 'ink' || kind === 'wash' || kind === 'primer' || kind === 'varnish' ? kind : null;

function scoreOf(named: Named, start: number, length: number, isWhole: boolean): number {
  const [word] = named.words.slice(start);
  if (isWhole) return 3 * length + (length === named.words.length ? 1.5 : 1.2);
  if (length > 1) return 3 * length;
  // “Raw” alone is a word; “ochre” is the one pot that has it.
  if (pigments.has(word)) return named.pot.kind === 'primer' ? 0.6 : 2.4;
  if (kindWords.has(word) && word !== 'gloss') return -1;
  const isEveryday = isEverydayWord(word);
  // Which of two that have the word is asked, whether it begins their name or ends it.
  if (isEveryday) return 0.6;
  return 2.6;
}

/** Whether two words differ in one letter: another, one too many, one too few, or two swapped. */
export function isNear(one: string, other: string): boolean {
  if (Math.abs(one.length - other.length) > 1 || one[0] !== other[0]) return false;
  let at = 0;
  while (at < one.length && at < other.length && one[at] === other[at]) at++;
  const rest = (text: string, from: number) => text.slice(from);
  // Words that end otherwise are other forms of a word.
  if (at >= Math.min(one.length, other.length) - 1) return false;
  return (
    (one.length >= 7 && rest(one, at + 1) === rest(other, at + 1)) ||
    rest(one, at + 1) === rest(other, at) ||
    rest(one, at) === rest(other, at + 1) ||
    (one[at] === other[at + 1] &&
      one[at + 1] === other[at] &&
      rest(one, at + 2) === rest(other, at + 2))
  );
}

const known = new WeakMap<readonly Pot[], PotIndex>();

/** The index of a shelf, made once for as long as it is the same list of pots. */
export function potIndexOf(pots: readonly Pot[]): PotIndex {
  const index = known.get(pots) ?? new PotIndex(pots);
  known.set(pots, index);
  return index;
}
