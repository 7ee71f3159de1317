import { meanings } from '../recipe/meaning';
import { mostCoats, stages, type FinishLevel, type Stage } from '../recipe/step';
import type { TechniqueName } from '../recipe/techniques';
import type { Tool } from '../recipe/tool';
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

/** How it goes on, how often, for whom, and with what. */
export const workClauses: Clause[] = [
  clause('n[J1]?c|k[J1]?c?|xn|nx', (items) => {
    const vague = items.find(({ kind }) => kind === 'vaguely');
    const said = coats(figuresIn(items)[0]);
    return vague ? [...said, { mark: { message: 'is no figure: how thin?' }, at: vague }] : said;
  }),
  // “A coat of bone” is one; how many coats are, nobody knows.
  clause('c', ([{ text }]) =>
    text === 'coat' || text === 'pass' ? set({ coats: 1 }) : marked('how many?'),
  ),
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
  clause('s', (items) => set({ stage: meantBy<Stage>(items, 'stage') })),
  // “Glaze: …” and “Highlight 2 – …” are headings; a heading that is a stage is that.
  clause('[ts](?:n?[4-]|:(?!n))', ([{ kind, text, value }]) => {
    const stage = stages.find((each) => each === text) ?? (kind === 'stage' ? value : undefined);
    if (stage) return set({ stage: stage as Stage });
    return [{ technique: value as TechniqueName, word: text }];
  }),
  // Which of several says nothing that its place in the recipe does not.
  clause('2(?=1?[ts])', () => []),
  clause('y?[f@]?V[uy]?', (items) => set({ level: meantBy<FinishLevel>(items, 'level') })),
  clause('Y[nh]M|[nh]MY', (items) => dry(figuresIn(items)[0])),
  clause('Y[nh]H|[nh]HY', (items) => dry(figuresIn(items)[0] * 60)),
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
