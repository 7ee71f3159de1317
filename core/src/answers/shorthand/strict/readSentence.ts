import type { Clause, Fact } from './clause';
import { codeOf, itemsOf, type Item } from './items';
import { mixClauses } from './mixClauses';
import { placeClauses } from './placeClauses';
import type { Beside, Mark, Reading, Rough, Said, Span } from '../said';
import { settle } from './settle';
import type { FactAt } from './settling';
import { thinnerClauses } from './thinnerClauses';
import { workClauses } from './workClauses';

/** A sentence longer than this is not read. */
export const mostLetters = 8000;

const clauses: readonly Clause[] = [
  ...mixClauses,
  ...thinnerClauses,
  ...workClauses,
  ...placeClauses,
];

const notUnderstood = 'is not understood';

/** Words by which the pot after them belongs to the mix of the one before. */
const joinsPots = /[+&vT:rnqo]$/u;

/** “Wash the copper with sepia”: what is painted, and with what. */
const paintsOver = /[ts]pv$/u;

const isApart = (before: string, after: string) =>
  !joinsPots.test(before) ||
  paintsOver.test(before) ||
  // “Copper with sepia glaze”
  (/[pl]v$/u.test(before) && after.startsWith('t'));

/** Kinds that say nothing where they stand between what says something. */
const silent = ',:4&vo@C17Ay;';

/**
 * Reads a line as painters say it. What is not understood is marked with where it stands and never
 * guessed at; what stands for a figure nobody said is told in `rough`.
 *
 * @param sentence up to 8,000 characters; a longer one is marked as a whole
 * @example readSentence('2 ochre + 1 umber, half water, raised up', beside).said.water // → 0.5
 */
export function readSentence(sentence: string, beside: Beside): Reading {
  if (sentence.length > mostLetters) {
    const message = `a line of up to ${mostLetters} characters; this one has ${sentence.length}`;
    return { said: { parts: [] }, marks: [{ from: 0, to: sentence.length, message }], rough: [] };
  }
  const items = itemsOf(sentence, beside);
  const code = codeOf(items);
  const facts: FactAt[] = [];
  const marks: Mark[] = [];
  const place = (fact: Fact, span: Span, isUnjoined: boolean) => {
    if ('mark' in fact) {
      const { from, to } = fact.at ?? span;
      marks.push({ ...fact.mark, from, to });
    } else facts.push({ fact, span, isUnjoined });
  };
  for (let at = 0; at < items.length;) {
    const found = longestAt(code, at);
    if (!found) {
      if (!isSilent(code, at)) marks.push(unreadMark(items[at]));
      at++;
      continue;
    }
    const run = items.slice(at, at + found.length);
    found.clause
      .read(run)
      .forEach((fact, index) =>
        place(
          fact,
          spanOf(run),
          index === 0 && isApart(code.slice(0, at), code.slice(at + run.length)),
        ),
      );
    at += found.length;
  }
  const settled = settle(facts, beside);
  const all = [...marks, ...settled.marks, ...farThinMarks(items, settled.said)].sort(
    (one, other) => one.from - other.from,
  );
  return {
    said: settled.said,
    marks: withoutRatios(withPotsMissing(joined(all, sentence), settled.said)),
    rough: [...roughOf(items, settled.said), ...settled.rough],
  };
}

/** Words beside each other that are none of ours are one thing that was not understood. */
function joined(marks: readonly Mark[], sentence: string): Mark[] {
  const runs: Mark[] = [];
  for (const mark of marks) {
    const before = runs.at(-1);
    const isNext =
      before?.isUnknown === true &&
      mark.isUnknown === true &&
      before.message === mark.message &&
      sentence.slice(before.to, mark.from).trim() === '' &&
      before.message === notUnderstood;
    if (isNext) runs[runs.length - 1] = { ...before, to: mark.to };
    else runs.push(mark);
  }
  return runs;
}

/** Where no pot was said, what was not understood may be one that is not on the shelf. */
function withPotsMissing(marks: Mark[], said: Said): Mark[] {
  const isBare = said.parts.length === 0 && (said.technique ?? said.stage) !== undefined;
  if (!isBare) return marks;
  return marks.map((mark) =>
    mark.message === notUnderstood
      ? { from: mark.from, to: mark.to, message: 'is no pot on the shelf', isNoPot: true }
      : mark,
  );
}

/** The subject of a ratio cannot be told before its pots are there. */
const withoutRatios = (marks: Mark[]): Mark[] =>
  marks.some(({ isNoPot }) => isNoPot) ? marks.filter(({ isOfRatio }) => !isOfRatio) : marks;

function longestAt(code: string, at: number): { clause: Clause; length: number } | null {
  let best: { clause: Clause; length: number } | null = null;
  for (const each of clauses) {
    each.pattern.lastIndex = at;
    const length = each.pattern.exec(code)?.[0].length ?? 0;
    if (length > (best?.length ?? 0)) best = { clause: each, length };
  }
  return best;
}

/** A plus joins only what comes after it. */
const isSilent = (code: string, at: number) =>
  silent.includes(code[at]) ||
  (code[at] === '+' && /^(?:[+nhpqlowm?5]|,|$)/u.test(code.slice(at + 1)));

const spanOf = (run: readonly Item[]): Span => ({
  from: run[0].from,
  to: run[run.length - 1].to,
});

function unreadMark({ from, to, mark, kind }: Item): Mark {
  if (mark) return { from, to, ...mark };
  if (kind === 'unknown') return { from, to, message: notUnderstood, isUnknown: true };
  return { from, to, message: 'does not fit here', isUnknown: true };
}

/** Thinner than is usual says nothing that a figure does not. */
const farThinMarks = (items: readonly Item[], { water, medium }: Said): Mark[] =>
  (water ?? medium) !== undefined
    ? []
    : items.flatMap(({ kind, from, to }) =>
        kind === 'farThin' ? [{ from, to, message: 'how thin? say “1:8”' }] : [],
      );

/** Assumed figures, where the sentence does not say one elsewhere. */
const roughOf = (items: readonly Item[], { water, medium, dryMinutes }: Said): Rough[] =>
  items.flatMap(({ kind, isRough, from, to, value }) => {
    const isSaid =
      (kind === 'thinly' && (water ?? medium) !== undefined) ||
      (kind === 'dry' && dryMinutes !== undefined);
    if (!isRough || isSaid) return [];
    if (typeof value === 'string') return [{ from, to, means: value }];
    return [{ from, to, means: `taken as ${value === 0.25 ? '¼' : String(value)}` }];
  });
