import { meanings } from '../../../written/technique/meaning';
import { mostCoats, stages, type FinishLevel, type Stage } from '../../../written/recipe/step';
import type { TechniqueName } from '../../../written/technique/techniques';
import type { Tool } from '../../../written/technique/tool';
import { clause, figuresIn, marked, meantBy, set, type Clause, type Fact } from './clause';

const isCoats = (coats: number) => Number.isInteger(coats) && coats >= 1 && coats <= mostCoats;
const expected = `1 to ${mostCoats} coats, a whole number`;

const coats = (least: number, most?: number): Fact[] => {
  if (!isCoats(least) || (most !== undefined && !isCoats(most))) return marked(expected);
  if (most === undefined) return set({ coats: least });
  return most > least
    ? set({ coats: least, coatsUpTo: most })
    : marked(`more coats at the most than the ${least} at the least`);
};

const longestDry = 2880;
const dry = (minutes: number): Fact[] =>
  minutes >= 0 && minutes <= longestDry
    ? set({ dryMinutes: minutes })
    : marked(`0 to ${longestDry} minutes`);

/** Techniques that go on so often that they are counted as coats are. */
const manyGo = /^(?:glazes|layers|washes|filters)$/u;
const oneGoes = /^(?:glaze|layer|wash|filter)$/u;

/** How it goes on, how often, for whom, and with what. */
export const workClauses: Clause[] = [
  clause('n[J17]?c|k[J17]?c?|xnc?|nx', (items) => {
    const vague = items.find(({ kind }) => kind === 'vaguely');
    const said = coats(figuresIn(items)[0]);
    return vague ? [...said, { mark: { message: 'is no figure: how thin?' }, at: vague }] : said;
  }),
  // “A coat of bone” is one; how many coats are, nobody knows.
  // “As a glaze”
  clause('=(?=[ts])', ([{ text }]) =>
    text === 'repeat' ? marked('which line? say “line 2 again”') : [],
  ),
  clause('c', ([{ text }]) =>
    /^(?:a|another) |of$/u.test(text) ? set({ coats: 1 }) : marked('how many?'),
  ),
  clause('[17]c', ([, { text }]) =>
    /s$/u.test(text) && text !== 'pass' ? marked('how many?') : set({ coats: 1 }),
  ),
  // “Up to three coats”: one at the least.
  clause('Tnc', (items) => coats(1, figuresIn(items)[0])),
  clause('n[T|-]nc', (items) => coats(figuresIn(items)[0], figuresIn(items)[1])),
  clause('W', () => set({ untilEven: true })),
  clause('nc@V', (items) => {
    const [each] = figuresIn(items);
    if (!isCoats(each)) return marked(expected);
    return set({ coatsAt: { [meantBy<FinishLevel>(items, 'level')]: each } });
  }),
  clause('t', (items) => [
    { technique: meantBy<TechniqueName>(items, 'technique'), word: items[0].text },
  ]),
  // “Three glazes of violet”
  clause('n[J17]?t', (items) => {
    const { text, value } = items[items.length - 1];
    const technique: Fact = { technique: value as TechniqueName, word: text };
    const [each] = figuresIn(items);
    return (each === 1 ? oneGoes : manyGo).test(text)
      ? [...coats(each), technique]
      : [technique, { mark: { message: 'of what?' }, at: items[0] }];
  }),
  clause('s', (items) => set({ stage: meantBy<Stage>(items, 'stage') })),
  // “Glaze: …” and “Highlight 2 – …” are headings; a heading that is a stage is that.
  clause('[ts](?:n?[4-]|:(?!n))', ([{ kind, text, value }]) => {
    const stage = stages.find((each) => each === text) ?? (kind === 'stage' ? value : undefined);
    if (stage) return set({ stage: stage as Stage });
    return [{ technique: value as TechniqueName, word: text }];
  }),
  // Which of several says nothing that its place in the recipe does not.
  clause('2(?=1?[ts])|(?<=^|[,;])2(?=p)', () => []),
  clause('y?[f@]?V[uy]?', (items) => set({ level: meantBy<FinishLevel>(items, 'level') })),
  // Waiting comes before what is said after it: it is the drying of the line above.
  clause('^Y[nh][MH](?=,?[^,]*[pl])', ([{ text }, ...more]) =>
    /^(?:wait|let|leave|give)/u.test(text)
      ? marked('is the drying of the line above: say it there')
      : dry(figuresIn(more)[0] * (more.some(({ kind }) => kind === 'hours') ? 60 : 1)),
  ),
  // “20 minutes to dry”, “dry 20 min”
  clause('Y[nh]M|[nh]MT?Y', (items) => dry(figuresIn(items)[0])),
  clause('Y[nh]H|[nh]HT?Y', (items) => dry(figuresIn(items)[0] * 60)),
  // “For an hour”: one.
  clause('YH', (items) =>
    items[1].text === 'hour' ? dry(60) : marked('how long? say “dry 2 hours”'),
  ),
  clause('Y[nh]?M?', ([first, ...more]) =>
    first.isRough && more.length === 0 ? [] : marked('how long? say “dry 20 min”'),
  ),
  clause('I', (items) => set({ meaning: meantBy<(typeof meanings)[number]>(items, 'meaning') })),
  clause('Fn', (items) => {
    const [density] = figuresIn(items);
    return density >= 0.1 && density <= 3 ? set({ density }) : marked('a density from 0.1 to 3');
  }),
  clause('v?B', (items) => set({ tool: meantBy<Tool>(items, 'tool') })),
  clause('U', () => set({ isOut: true })),
  clause('Ql', (items) => set({ repairs: meantBy<number>(items, 'line') })),
  clause('!n?[^,z]', () => marked('says what is not to be: leave it out')),
  clause('P"', (items) => set({ note: meantBy<string>(items, 'quoted') })),
];
