import type { Beside } from '../said';
import { small } from '../words';
import {
  changedLine,
  coated,
  moved,
  oneMoreCoat,
  removed,
  removedAll,
  replaced,
  replacedInLast,
  swapped,
  thinned,
} from './changes';
import type { CommandReading, SaidChange } from './saidChange';
import { isLineWord, lineMeant, whichLines } from './whichLines';

const lead =
  /^(?:(?:please|ok|okay|now|just|can you|could you|can we|could we|let's|lets|let us|i want to|i'd like to|i would like to|we should|you should|you can|i think we should|then|and)[ ,]+)*/iu;
const ref = String.raw`(?:(?:line|step|row|number|no\.?|#)\s*(\d+)|(?:(?:the|that|this)\s+)?(first|second|third|fourth|fifth|sixth|last|final)(?:\s+(?:line|step|one|row))?|(?:the\s+)?(\p{L}[\p{L} -]*?)(?:\s+(?:line|step))?)`;
const numbered = String.raw`(?:(?:line|step|row|number|no\.?|#)?\s*(\d+)|(?:(?:the|that|this)\s+)?(first|second|third|fourth|fifth|sixth|last|final)(?:\s+(?:line|step|one|row))?|(?:the\s+)?(\p{L}[\p{L} -]*?)(?:\s+(?:line|step))?)`;

type Command = [
  pattern: RegExp,
  read: (match: RegExpExecArray, beside: Beside) => SaidChange | string,
];

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
    new RegExp(String.raw`^(?:move|put|do|bring)\s+${ref}\s+(first|last)$`, 'iu'),
    (match, beside) => {
      const isFirst = /first/iu.test(match[4]);
      const to = isFirst ? 0 : beside.above.length - 1;
      return moved(lineMeant(match, 1, beside), isFirst ? 'before' : 'after', to, beside);
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
    /^(?:delete|remove|drop|scrap|get rid of|take out)\s+(?:lines?|steps?)\s*(\d+(?:\s*(?:,|and|&|\+)+\s*\d+)+)$/iu,
    ([, listed], beside) => removedAll(listed.match(/\d+/gu)?.map(Number) ?? [], beside),
  ],
  [
    /^(?:add|give|put|do)?\s*(?:one|1|a|an)?\s*(another|more|extra|second)\s+(?:thin\s+)?(?:coat|pass|layer)\s+(?:to|on|of|for|in)\s+(?:(?:line|step|row)\s*(\d+)|(?:the\s+)?(\p{L}[\p{L} -]*?)(?:\s+(?:line|step))?)$/iu,
    ([, , number, word], beside) =>
      oneMoreCoat(whichLines([number, undefined, word], 0, beside), beside),
  ],
  [
    /^(?:line|step|row)\s*(\d+)\s*(?:[:,-]|needs|wants|could do with)?\s*(?:a bit |a little |a touch |some |a lot )?(more water|more thinning|more thinner|thinning down|less water|less thinner)$/iu,
    ([, number, how], beside) =>
      thinned(whichLines([number, undefined, undefined], 0, beside), !/less/iu.test(how), beside),
  ],
  [
    new RegExp(
      String.raw`^(?:line|step|row)\s*(\d+)(?:\s*:(?=\s+\w+ (?:thin )?(?:coats?|passes)$)|\s+(?:needs|should have|should be|should get|gets|wants|has to be|has to have|must be|ought to be|is to be|could be|could do with))\s+(.+)$`,
      'iu',
    ),
    (match, beside) =>
      changedLine(lineMeant([match[1], undefined, undefined], 0, beside), match[2], beside),
  ],
  [
    /^(?:replace|swap|change|substitute|move|exchange|switch)\s+(?:the\s+)?\p{L}+$/iu,
    () => 'with what, or to where? say “swap X for Y”, or “move line 3 before line 2”',
  ],
  [
    new RegExp(
      String.raw`^(?:make|set|change|turn|give|let)\s+(?:(?:line|step|row|number)\s*(\d+)|(?:the\s+)(first|second|third|fourth|fifth|sixth|last|final)\s+(?:line|step|one|row))\s+(?:to|into|have|be|go|as|get)?\s*(.+)$`,
      'iu',
    ),
    (match, beside) =>
      changedLine(lineMeant([match[1], match[2], undefined], 0, beside), match[3], beside),
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
  if (!source.includes('first|second|third') || source.startsWith('^(?:make|set')) return true;
  const at = source.startsWith('^(?:move|put|shift|bring|place)\\s+(\\d+)') ? 5 : 3;
  const places = source.includes('ahead of') ? [at === 5 ? 5 : 3, at === 5 ? 5 : 7] : [3];
  return places.every((place) => {
    const word = match[place] as string | undefined;
    return word === undefined || isLineWord(small(word).trim());
  });
}
