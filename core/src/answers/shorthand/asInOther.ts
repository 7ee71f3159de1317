import type { Recipe } from '../../written/recipe/recipe';
import type { Step } from '../../written/recipe/step';
import { withoutStep } from '../../written/lines/withoutStep';
import type { LineReading } from './lineReading';
import { numberWords } from './numberWords';
import type { Beside, Said } from './said';
import { withSaid } from './withSaid';
import { small } from './words';

const beginning =
  /^\s*(?:the same as|same as|as|like|as in|as on|like on|like in)\s+(?:in |on |for )?(?:the |my |our )?/iu;
const counts = ['a', String.raw`\d+`, ...numberWords].join('|');
const further = new RegExp(
  String.raw`\b(?:but )?(?:(${counts}) (?:steps? |lines? )?|(?:a )?(?:step|line) )(lighter|darker|further up|further down|up|down|on|back)\b`,
  'iu',
);
const named = /\b(?:line|step) (\d+)(?: of it)?\b/iu;

const bare = (name: string) => small(name).replace(/s\b/gu, '').trim();

/** The other recipe a sentence begins with, and what is said after its name; null where it names none. */
function otherNamed(sentence: string, { others = [], recipe }: Beside) {
  const lead = beginning.exec(sentence)?.[0];
  if (lead === undefined) return null;
  const after = sentence.slice(lead.length);
  const found = others
    .filter(({ id, steps }) => id !== recipe.id && steps.length > 0)
    .flatMap((other) => {
      const length = lengthOfName(after, other.name);
      return length > 0 ? [{ other, length }] : [];
    })
    .sort((one, two) => two.length - one.length);
  const [best, next] = found;
  // A part of a name that two recipes have says neither.
  if (!best || best.length === next?.length) return null;
  return { other: best.other, from: lead.length, rest: after.slice(best.length) };
}

/** Letters of a text that say a name or its beginning, by whole words; 0 where they do not. */
function lengthOfName(text: string, name: string): number {
  const end = /[,;]|\bbut\b|\bonly\b|\bwith\b|\bline \d|$/iu.exec(text)?.index ?? text.length;
  const said = bare(text.slice(0, end));
  const isOfName = ` ${bare(name).replace(/[^\p{L}\p{N} ]/gu, ' ')} `.includes(` ${said} `);
  return said.length > 2 && isOfName ? end : 0;
}

/** A line as a recipe of its own has it: its mix from pots alone, aimed at no spot. */
function aloneOf(recipe: Recipe, index: number, id: string): Step {
  const before = recipe.steps.slice(0, index).toReversed();
  const { steps } = before.reduce((rest, step) => withoutStep(rest, step.id), recipe);
  const { restores: _restores, setAside: _setAside, ...step } = steps[0];
  const { aim: { spot: _spot, ...aim } = {}, ...placement } = step.placement;
  return {
    ...step,
    id,
    placement: Object.keys(aim).length > 0 ? { ...placement, aim } : placement,
  };
}

/**
 * “As the boots but one lighter”: the line of another recipe that stands where this one will, or so
 * many further on, with what else is said of it.
 *
 * @param readRest reads what is said beside that
 * @returns null where the sentence names no other recipe
 */
export function readAsInOther(
  sentence: string,
  beside: Beside,
  id: string,
  readRest: (rest: string) => Pick<LineReading, 'said' | 'marks' | 'rough'>,
): LineReading | null {
  const meant = otherNamed(sentence, beside);
  if (!meant) return null;
  const { other, from, rest } = meant;
  const [, line] = named.exec(rest) ?? [];
  const [, count, way] = further.exec(rest) ?? [];
  const by = way ? (numberOf(count) || 1) * (/lighter|up|on/iu.test(way) ? 1 : -1) : 0;
  const here = beside.above.length - (beside.uncounted ?? 0) + 1;
  const number = (line ? Number(line) : Math.min(here, other.steps.length)) + by;
  const to = sentence.length - rest.length;
  const empty: Said = { parts: [] };
  if (number < 1 || number > other.steps.length)
    return {
      said: empty,
      step: null,
      rough: [],
      marks: [
        { from, to, message: `has no line ${number}: its lines are 1 to ${other.steps.length}` },
      ],
    };
  const words = rest
    .replace(named, ' ')
    .replace(further, ' ')
    .replace(/^[\s,]*(?:but\b)?[\s,]*/iu, '');
  const more = words === '' ? { said: empty, marks: [], rough: [] } : readRest(words);
  const shift = sentence.length - words.length;
  const moved = <Span extends { from: number; to: number }>(span: Span): Span => ({
    ...span,
    from: span.from + shift,
    to: span.to + shift,
  });
  return {
    said: more.said,
    step: withSaid(aloneOf(other, number - 1, id), more.said, beside),
    marks: more.marks.map(moved),
    rough: [
      { from, to, means: `line ${number} of “${other.name}”, with its mix written out` },
      ...more.rough.map(moved),
    ],
  };
}

const numberOf = (word: string | undefined): number =>
  word === undefined ? 0 : Number(word) || numberWords.indexOf(word.toLowerCase()) + 1;
