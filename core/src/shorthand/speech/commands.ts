import { mostThinner } from '../../recipe/mix';
import { mostCoats, stages, type Step } from '../../recipe/step';
import { techniqueNames, techniqueOf } from '../../recipe/techniques';
import type { Beside, Mark } from '../said';
import { small } from '../words';
import { bestPath } from './bestPath';

/** A change to the lines that are there, as it was said. */
export interface SaidChange {
  /** what will be done, in words */
  words: string;
  /** the lines of the recipe afterwards */
  steps: Step[];
}

/** A sentence that changes what is there: with what it does, or why it cannot be done here. */
export interface CommandReading {
  change: SaidChange | null;
  marks: Mark[];
}

const lead = /^(?:(?:please|ok|okay|now|just|can you|could you|then|and)[ ,]+)*/iu;
const ref = String.raw`(?:(?:line|step|row|number|no\.?|#)\s*(\d+)|(?:(?:the|that|this)\s+)?(first|second|third|fourth|fifth|sixth|last|final)(?:\s+(?:line|step|one|row))?|(?:the\s+)?(\p{L}[\p{L} -]*?)(?:\s+(?:line|step))?)`;
const numbered = String.raw`(?:(?:line|step|row|number|no\.?|#)?\s*(\d+)|(?:(?:the|that|this)\s+)?(first|second|third|fourth|fifth|sixth|last|final)(?:\s+(?:line|step|one|row))?|(?:the\s+)?(\p{L}[\p{L} -]*?)(?:\s+(?:line|step))?)`;
const ordinals = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth'];

type Command = [
  pattern: RegExp,
  read: (match: RegExpExecArray, beside: Beside) => SaidChange | string,
];

const at = (steps: readonly Step[]) => (index: number) => `line ${index + 1} of ${steps.length}`;

/** Index of the line that is meant; what cannot be found as a sentence. */
function lineMeant(
  match: readonly (string | undefined)[],
  from: number,
  { above }: Beside,
): number | string {
  const [number, ordinal, word] = match.slice(from, from + 3);
  if (number !== undefined) {
    const index = Number(number) - 1;
    return above.at(index) && index >= 0 && index < above.length
      ? index
      : `there is no line ${number}: a line from 1 to ${above.length}`;
  }
  if (ordinal !== undefined) {
    const index = /last|final/iu.test(ordinal)
      ? above.length - 1
      : ordinals.indexOf(small(ordinal));
    return above.at(index) && index >= 0 ? index : `there is no ${ordinal} line`;
  }
  const called = small(word ?? '').trim();
  const found = above.flatMap((step, index) => (isCalled(step, called) ? [index] : []));
  if (found.length === 1) return found[0];
  return found.length > 1
    ? `several lines are called “${called}”: say its number`
    : `no line is called “${called}”: say its number`;
}

/** Words a line may be called by. */
const callings = new Set<string>([
  ...stages,
  ...stages.map((stage) => `${stage} coat`),
  ...techniqueNames.flatMap((name) => [techniqueOf(name).label, ...techniqueOf(name).saidAs]),
]);
const manyLines =
  /^(?:everything|all|them all|all of them|it all|every line|all lines|the lot|(?:every|all(?: the| of the)?|each|both)\s+\p{L}+)$/u;

/** “Ditch Ochre” is no command to ditch something: what a line is called has to be a way or a part of a scheme. */
const isLineWord = (word: string): boolean => callings.has(word) || manyLines.test(word);

/** “The wash”, “the base”, “the highlight”. */
function isCalled({ technique, stage }: Step, called: string): boolean {
  const { saidAs, label } = techniqueOf(technique);
  return (
    stage === called ||
    label === called ||
    saidAs.includes(called) ||
    `${stage} coat` === called ||
    `${stage} highlight` === called
  );
}

const commands: readonly Command[] = [
  [
    new RegExp(
      String.raw`^(?:delete|remove|drop|scrap|bin|ditch|lose|erase|cut|kill|get rid of|throw out|strike out|strike|take out|leave out)\s+${ref}(?:\s+(?:out|again|please))*$`,
      'iu',
    ),
    (match, beside) => removed(lineMeant(match, 1, beside), beside),
  ],
  [
    new RegExp(String.raw`^take\s+${ref}\s+(?:out|away|off)(?:\s+(?:again|please))*$`, 'iu'),
    (match, beside) => removed(lineMeant(match, 1, beside), beside),
  ],
  [
    new RegExp(
      String.raw`^(?:move|put|shift|bring|place|do)\s+${ref}\s+(before|after|above|below|ahead of|under|behind|in front of)\s+${numbered}$`,
      'iu',
    ),
    (match, beside) =>
      moved(lineMeant(match, 1, beside), match[4], lineMeant(match, 5, beside), beside),
  ],
  [
    new RegExp(
      String.raw`^(?:move|put|shift|bring|place)\s+(\d+)\s+(before|after|above|below|ahead of|under|behind|in front of)\s+${numbered}$`,
      'iu',
    ),
    (match, beside) =>
      moved(
        lineMeant([match[1], undefined, undefined], 0, beside),
        match[2],
        lineMeant(match, 3, beside),
        beside,
      ),
  ],
  [
    new RegExp(
      String.raw`^(?:move|put|shift|bring|place)\s+${ref}\s+(?:up\s+)?(?:to|at)\s+the\s+(top|start|beginning|front|bottom|end|back)$`,
      'iu',
    ),
    (match, beside) => {
      const isTop = /top|start|beginning|front/iu.test(match[4]);
      return moved(
        lineMeant(match, 1, beside),
        isTop ? 'before' : 'after',
        isTop ? 0 : beside.above.length - 1,
        beside,
      );
    },
  ],
  [
    /^(?:swap|switch|exchange)\s+(?:lines?|steps?)?\s*(\d+)\s+(?:and|with|for)\s+(?:lines?|steps?)?\s*(\d+)$/iu,
    ([, one, other], beside) =>
      swapped(
        lineMeant([one, undefined, undefined], 0, beside),
        lineMeant([other, undefined, undefined], 0, beside),
        beside,
      ),
  ],
  [
    /^(?:swap|replace|change|exchange|switch|substitute)\s+(.+?)\s+(?:for|with|to|by|into)\s+(.+?)(?:\s+(?:everywhere|throughout|please|in every line|all through))*$/iu,
    ([, from, to], beside) => replaced(from, to, beside),
  ],
  [
    /^use\s+(.+?)\s+instead of\s+(.+?)(?:\s+(?:everywhere|throughout))?$/iu,
    ([, to, from], beside) => replaced(from, to, beside),
  ],
  [
    /^(?:use|have|put)\s+(.+?)\s+(?:there\s+)?instead(?:\s+there)?$/iu,
    ([, to], beside) => replacedInLast(to, beside),
  ],
  [
    new RegExp(
      String.raw`^(?:make\s+)?${ref}\s+(?:should be\s+|needs to be\s+|to be\s+)?(?:a bit |a little |a touch |much |even |way )?(thinner|runnier|thicker|stiffer|stronger)$`,
      'iu',
    ),
    (match, beside) =>
      thinned(whichLines(match, 1, beside), /thinner|runnier/iu.test(match[4]), beside),
  ],
  [
    new RegExp(
      String.raw`^(?:thin|water|water down|dilute)\s+(?:down\s+)?${ref}(?:\s+(?:down|more|a bit|a bit more))*$`,
      'iu',
    ),
    (match, beside) => thinned(whichLines(match, 1, beside), true, beside),
  ],
  [
    /^(double|halve|triple)\s+(?:up\s+)?(?:on\s+)?the\s+(?:coats|passes|layers|number of coats)(?:\s+(?:of|on|in|for)\s+(?:the\s+)?(?:(?:line|step)\s*(\d+)|(.+)))?$/iu,
    ([, how, number, word], beside) => {
      const lines = number
        ? [Number(number) - 1]
        : word
          ? whichLines([undefined, undefined, word], 0, beside)
          : beside.above.map((_, index) => index);
      const by = /double/iu.test(how) ? 2 : /triple/iu.test(how) ? 3 : 0.5;
      return coated(lines, by, beside);
    },
  ],
  [
    /^(?:undo|revert|go back|take that back)(?:\s+(?:that|it|the last (?:one|change|thing)|please))*$/iu,
    () => 'press Undo at the top for that: this box takes new lines',
  ],
  [
    /^(?:rename|call (?:it|this))\b.+$/iu,
    () => 'the name stands at the top of the page: change it there',
  ],
  [
    /^(?:start over|clear (?:it|everything|all)|delete (?:everything|all(?: of it)?|the recipe|it all))$/iu,
    () => 'a whole recipe is removed under its name: this box takes new lines',
  ],
];

/**
 * A sentence that changes the lines that are there.
 *
 * @returns null where it is none
 */
export function readCommand(sentence: string, beside: Beside): CommandReading | null {
  const words = sentence
    .trim()
    .replace(/[.!]+$/u, '')
    .replace(lead, '')
    .trim();
  if (words === '' || words.length > 200) return null;
  for (const [pattern, read] of commands) {
    const match = pattern.exec(words);
    if (!match || !refersToLine(pattern, match)) continue;
    const result = read(match, beside);
    if (typeof result !== 'string') return { change: result, marks: [] };
    return { change: null, marks: [{ from: 0, to: sentence.length, message: result }] };
  }
  return null;
}

/** Whether the words that stand for a line do; other commands stand for pots. */
function refersToLine(pattern: RegExp, match: RegExpExecArray): boolean {
  const source = pattern.source;
  if (!source.includes('first|second|third')) return true;
  const at = source.startsWith('^(?:move|put|shift|bring|place)\\s+(\\d+)') ? 5 : 3;
  const places = source.includes('ahead of') ? [at === 5 ? 5 : 3, at === 5 ? 5 : 7] : [3];
  return places.every((place) => {
    const word = match[place] as string | undefined;
    return word === undefined || isLineWord(small(word).trim());
  });
}

function removed(index: number | string, { above }: Beside): SaidChange | string {
  if (typeof index === 'string') return index;
  return {
    words: `Delete ${at(above)(index)}`,
    steps: above.filter((_, each) => each !== index),
  };
}

function moved(
  index: number | string,
  where: string,
  to: number | string,
  { above }: Beside,
): SaidChange | string {
  if (typeof index === 'string') return index;
  if (typeof to === 'string') return to;
  if (index === to) return 'that is the same line';
  const isBefore = /before|above|ahead|front/iu.test(where);
  const step = above[index];
  const rest = above.filter((_, each) => each !== index);
  const anchor = rest.findIndex(({ id }) => id === above[to].id);
  const steps = rest.toSpliced(isBefore ? anchor : anchor + 1, 0, step);
  return { words: `Move line ${index + 1} ${isBefore ? 'before' : 'after'} line ${to + 1}`, steps };
}

function swapped(
  one: number | string,
  other: number | string,
  { above }: Beside,
): SaidChange | string {
  if (typeof one === 'string') return one;
  if (typeof other === 'string') return other;
  const steps = [...above];
  [steps[one], steps[other]] = [steps[other], steps[one]];
  return { words: `Swap lines ${one + 1} and ${other + 1}`, steps };
}

/** The one pot some words mean; a sentence where they mean none, or several. */
function potMeant(words: string, beside: Beside): { id: string; name: string } | string {
  const pots = bestPath(words, beside).flatMap((chunk) =>
    chunk.kind === 'pot' ? [chunk.pots] : [],
  );
  const [found] = pots;
  if (pots.length !== 1 || !found) return `“${words}” is no pot on the shelf`;
  if (found.length > 1) return `“${words}” may be any of ${found.length} pots: say which`;
  return found[0];
}

function replaced(from: string, to: string, beside: Beside): SaidChange | string {
  const [one, other] = [potMeant(from, beside), potMeant(to, beside)];
  if (typeof one === 'string') return one;
  if (typeof other === 'string') return other;
  const count = beside.above.filter(({ mix }) =>
    mix.parts.some((part) => part.from === 'pot' && part.potId === one.id),
  ).length;
  if (count === 0) return `no line draws from ${one.name}`;
  return {
    words: `Use ${other.name} instead of ${one.name} in ${count === 1 ? 'one line' : `${count} lines`}`,
    steps: beside.above.map((step) => withPot(step, one.id, other.id)),
  };
}

function replacedInLast(to: string, beside: Beside): SaidChange | string {
  const pot = potMeant(to, beside);
  if (typeof pot === 'string') return pot;
  const last = beside.above.at(-1);
  const [part] = last?.mix.parts ?? [];
  if (!last || last.mix.parts.length !== 1 || part.from !== 'pot')
    return 'instead of which paint? say “swap X for Y”';
  return {
    words: `Use ${pot.name} in line ${beside.above.length}`,
    steps: [...beside.above.slice(0, -1), withPot(last, part.potId, pot.id)],
  };
}

const withPot = (step: Step, from: string, to: string): Step => ({
  ...step,
  mix: {
    ...step.mix,
    parts: step.mix.parts.map((part) =>
      part.from === 'pot' && part.potId === from ? { ...part, potId: to } : part,
    ),
  },
});

/** “Every wash”, “line 4”, “everything”. */
function whichLines(
  match: readonly (string | undefined)[],
  from: number,
  beside: Beside,
): number[] | string {
  const word = small(match[from + 2] ?? '').trim();
  const every = /^(?:every|all(?: the| of the)?|each|both)\s+(.+?)e?s?$/u.exec(word)?.[1];
  if (/^(?:everything|all|them all|all of them|it all|every line|all lines|the lot)$/u.test(word))
    return beside.above.map((_, index) => index);
  if (every) {
    const lines = beside.above.flatMap((step, index) =>
      isCalled(step, every) || isCalled(step, `${every}e`) ? [index] : [],
    );
    return lines.length > 0 ? lines : `no line is called “${every}”`;
  }
  const line = lineMeant(match, from, beside);
  return typeof line === 'string' ? line : [line];
}

const listed = (lines: readonly number[]) =>
  lines.length === 1 ? `line ${lines[0] + 1}` : `lines ${lines.map((line) => line + 1).join(', ')}`;

/** Half as much thinner more, and at least a quarter of a part; or a third less. */
function thinned(
  lines: number[] | string,
  isThinner: boolean,
  { above }: Beside,
): SaidChange | string {
  if (typeof lines === 'string') return lines;
  const more = (parts: number) =>
    Math.min(mostThinner, Math.max(parts + 0.25, Math.round(parts * 6) / 4));
  const less = (parts: number) => Math.round(Math.max(0, parts * 0.67) * 4) / 4;
  return {
    words: `${isThinner ? 'Thin' : 'Thicken'} ${listed(lines)}`,
    steps: above.map((step, index) => {
      if (!lines.includes(index)) return step;
      const { waterParts, mediumParts } = step.mix;
      const isMedium = mediumParts > 0 && waterParts === 0;
      const change = isThinner ? more : less;
      return {
        ...step,
        mix: {
          ...step.mix,
          ...(isMedium ? { mediumParts: change(mediumParts) } : { waterParts: change(waterParts) }),
        },
      };
    }),
  };
}

function coated(lines: number[] | string, by: number, { above }: Beside): SaidChange | string {
  if (typeof lines === 'string') return lines;
  if (lines.some((line) => !above.at(line) || line < 0)) return `a line from 1 to ${above.length}`;
  return {
    words: `${by > 1 ? `${by} times the coats` : 'Half the coats'} of ${listed(lines)}`,
    steps: above.map((step, index) => {
      if (!lines.includes(index)) return step;
      const { coatsUpTo: _upTo, ...rest } = step;
      return { ...rest, coats: Math.min(mostCoats, Math.max(1, Math.round(step.coats * by))) };
    }),
  };
}
