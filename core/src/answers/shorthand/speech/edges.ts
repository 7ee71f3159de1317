import {
  isWordOfOurs,
  lexicon,
  lexiconOfStems,
  longestInLexicon,
  phraseKey,
  spelled,
  stemKey,
  wordsBeginning,
  type Sense,
} from '../lexicon/lexicon';
import type { Beside } from '../said';
import { small, type Word } from '../words';
import type { Chunk } from './chunk';
import { isNear, potIndexOf } from './potEdges';

/** A longer phrase explains more than the words of it one by one. */
const perFurtherWord = 0.9;
const perWordBase = 1;
/** A place in more words is that place, and not the words one by one. */
const furtherWord: Partial<Record<Chunk['kind'], number>> = { quiet: 0.75, place: 1.3 };
const unknownScore = -0.6;
const spotScore = 2.5;

/** Kinds that say nothing and weigh little. */
const light = new Set([
  'quiet',
  'on',
  'in',
  'of',
  'comma',
  'and',
  'with',
  'to',
  'or',
  'dash',
  'colon',
]);

type Bare = Chunk extends infer Each
  ? Each extends Chunk
    ? Omit<Each, keyof Span | 'length' | 'text' | 'score'>
    : never
  : never;
interface Span {
  from: number;
  to: number;
}

/** Everything that runs of words from a place on can mean. */
export function edgesAt(words: readonly Word[], at: number, beside: Beside): Chunk[] {
  const edges: Chunk[] = [];
  const add = (length: number, score: number, bare: Bare) => {
    const run = words.slice(at, at + length);
    edges.push({
      ...bare,
      from: run[0].from,
      to: run[length - 1].to,
      text: run.map(({ text }) => text).join(' '),
      length,
      score,
    } as Chunk);
  };
  const [word] = words.slice(at);
  if (word.is === 'quoted') {
    const pots = beside.names.called(word.text);
    if (pots.length > 0) add(1, 8, { kind: 'pot', pots, isWhole: true, isEveryday: false });
    // A word that only colours a sentence is never one that is not known.
    else if (!edges.some(({ kind, length }) => kind === 'quiet' && length === 1))
      add(1, unknownScore, { kind: 'unknown' });
    return edges;
  }
  for (const { length, parts } of ratiosAt(words, at))
    add(length, 2 + length, { kind: 'ratio', parts });
  if (word.is === 'number') {
    const value = word.value ?? 0;
    if (/^[¼½¾⅓⅔⅛]$/u.test(word.text) || (word.text.includes('/') && value < 1))
      add(1, 1.2, { kind: 'fraction', meaning: { kind: 'fraction', share: value } });
    add(1, 1.1, { kind: 'number', meaning: { kind: 'number', value } });
  }
  if (word.is !== 'number')
    for (const { length, pots, isWhole, isEveryday, score } of potIndexOf(beside.names.pots).runsAt(
      words,
      at,
    ))
      add(length, score, { kind: 'pot', pots, isWhole, isEveryday });
  addPhrases(words, at, beside, add);
  if (edges.length === 0 && word.is === 'word' && !isWordOfOurs(word.text)) addNear(word, add);
  if (word.is === 'sign' && edges.length === 0)
    add(1, 0, { kind: 'quiet', meaning: { kind: 'quiet' } });
  // A word that only colours a sentence is never one that is not known.
  else if (!edges.some(({ kind, length }) => kind === 'quiet' && length === 1))
    add(1, unknownScore, { kind: 'unknown' });
  return edges;
}

type Add = (length: number, score: number, bare: Bare) => void;

function addPhrases(words: readonly Word[], at: number, beside: Beside, add: Add): void {
  const texts: string[] = [];
  const most = Math.min(longestInLexicon, words.length - at);
  for (let length = 1; length <= most; length++) {
    const next = words[at + length - 1];
    if (next.is === 'quoted') break;
    texts.push(next.text);
    const line = beside.mixes?.get(phraseKey(texts));
    if (line !== undefined)
      add(length, 3 * length, { kind: 'mixAbove', meaning: { kind: 'mixAbove', line } });
    const spotId = spotCalled(texts.join(' '), beside);
    if (spotId !== undefined) add(length, spotScore * length, { kind: 'spot', spotId });
    for (const { meaning, weight } of sensesOf(texts)) {
      const further = (length - 1) * (furtherWord[meaning.kind] ?? perFurtherWord);
      const base = light.has(meaning.kind) ? 0.55 : perWordBase;
      add(length, (base + further) * weight, { kind: meaning.kind, meaning } as Bare);
    }
  }
}

/** A form that stands in no phrase is one of its stem, a little less surely. */
const ofStem = 0.9;

function sensesOf(texts: readonly string[]): readonly Sense[] {
  const exact = lexicon.get(phraseKey(texts));
  if (exact) return exact;
  const isVerb = texts.some((text) => /[a-z]{3}(?:ing|ed)$/u.test(text));
  if (!isVerb && texts.length === 1) return [];
  const senses = lexiconOfStems.get(stemKey(texts)) ?? [];
  return senses.map(({ meaning, weight }) => ({ meaning, weight: weight * ofStem }));
}

/** A word of ours with one wrong letter. */
function addNear({ text }: Word, add: Add): void {
  const said = spelled(text);
  if (said.length < 5) return;
  const key = wordsBeginning(said[0]).find((each) => isNear(said, each));
  for (const { meaning, weight } of (key && lexicon.get(key)) || [])
    if (meaning.kind !== 'quiet') add(1, 0.4 * weight, { kind: meaning.kind, meaning } as Bare);
}

/** “1:2”, “3:1:1”, “75/25”, “80-20”. */
function ratiosAt(words: readonly Word[], at: number): { length: number; parts: number[] }[] {
  const [word] = words.slice(at);
  if (word.is !== 'number') return [];
  const found: { length: number; parts: number[] }[] = [];
  if (word.text.includes('/') && !word.text.includes(' ')) {
    const parts = word.text.split('/').map(Number);
    if (parts[0] + parts[1] === 100 || parts[0] >= parts[1]) found.push({ length: 1, parts });
  }
  const values = [word.value ?? 0];
  let length = 1;
  while (
    words.at(at + length)?.text === ':' &&
    words.at(at + length + 1)?.is === 'number' &&
    at + length + 1 < words.length
  ) {
    values.push(words[at + length + 1].value ?? 0);
    length += 2;
  }
  if (values.length > 1) found.push({ length, parts: values });
  const [dash, other] = words.slice(at + 1, at + 3);
  if ((dash?.text === '-' || dash?.text === '/') && other?.is === 'number') {
    const parts = [word.value ?? 0, other.value ?? 0];
    if (parts[0] + parts[1] === 100) found.push({ length: 3, parts });
  }
  return found;
}

/** A spot of the recipe by its name, in the singular or plural; by identifier where several have it. */
function spotCalled(name: string, { recipe: { spots = [] } }: Beside): string | undefined {
  const alike = (text: string) => small(text).replace(/s\b/gu, '');
  const called = spots.filter((spot) => alike(spot.name) === alike(name));
  return called.length === 1 ? called[0].id : undefined;
}
