/**
 * The kind of a word or phrase. A sentence is read as a string of these letters, so that how words may
 * follow each other is a pattern over them.
 */
export const kinds = {
  number: 'n',
  /** so much of a part: half, a third, a bit */
  amount: 'h',
  /** two parts to each other: half and half */
  evenly: 'r',
  pot: 'p',
  line: 'l',
  water: 'w',
  medium: 'm',
  paint: 'b',
  parts: 'q',
  percent: '%',
  plus: '+',
  and: '&',
  with: 'v',
  of: 'o',
  comma: ',',
  bracket: 'C',
  colon: ':',
  /** a colon that stands at a word and before a blank, as after a heading */
  headed: '4',
  to: 'T',
  or: '|',
  dash: '-',
  times: 'x',
  coats: 'c',
  often: 'k',
  even: 'W',
  technique: 't',
  stage: 's',
  stop: 'z',
  up: 'u',
  down: 'd',
  only: 'y',
  from: 'f',
  everywhere: 'e',
  tone: 'O',
  along: 'G',
  height: 'E',
  side: 'g',
  anySide: 'a',
  within: 'i',
  degrees: 'D',
  spot: 'Z',
  smaller: 'R',
  softness: 'S',
  pull: 'L',
  level: 'V',
  at: '@',
  dry: 'Y',
  minutes: 'M',
  hours: 'H',
  neat: 'N',
  consistency: 'K',
  more: 'X',
  again: 'A',
  not: '!',
  vaguely: 'J',
  /** thin: as thin as is usual, unless a figure is said */
  thinly: '1',
  /** which of several: the first, the final */
  ordinal: '2',
  /** what is left as it is: dark, untouched */
  asItIs: '3',
  /** thinner than is usual, with no figure */
  farThin: '7',
  /** the same of each that follows */
  equally: '8',
  /** some, which is no figure */
  some: '9',
  /** the whole of another line, not its mix alone */
  like: '=',
  /** what comes after it is done after what comes before */
  then: ';',
  another: '>',
  /** what only a pot is called, and none on the shelf is */
  potWord: '5',
  meaning: 'I',
  density: 'F',
  tool: 'B',
  out: 'U',
  repairs: 'Q',
  note: 'P',
  quoted: '"',
  join: 'j',
  unknown: '?',
} as const;

export type Kind = keyof typeof kinds;
