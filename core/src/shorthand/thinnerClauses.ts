import { mostThinner } from '../recipe/mix';
import { clause, figuresIn, marked, meantBy, set, type Clause, type Fact } from './clause';
import type { Item } from './items';

type Thinner = 'water' | 'medium';

const thinnersIn = (items: readonly Item[]): Thinner[] =>
  items.flatMap(({ kind }) => (kind === 'water' || kind === 'medium' ? [kind] : []));

export const isThinner = (parts: number) => parts >= 0 && parts <= mostThinner;
export const expectedThinner = `0 to ${mostThinner} parts of thinner to 1 part of paint`;

const setThinner = (thinner: Thinner, parts: number): Fact[] =>
  isThinner(parts) ? set({ [thinner]: parts }) : marked(expectedThinner);

const ratioIn = (items: readonly Item[]): number[] => {
  const even = items.find(({ kind }) => kind === 'evenly');
  return even ? (even.value as number[]) : figuresIn(items);
};

const ratio = (items: Item[]): Fact[] => [
  { ratio: { parts: ratioIn(items), ...(thinnersIn(items)[0] && { thinner: thinnersIn(items) }) } },
];

const anyRatio = '(?:n(?:[:T]n){1,2}|r)';

/** How far it is thinned, and ratios that may be of the mix. */
export const thinnerClauses: Clause[] = [
  clause('N', () => set({ water: 0, medium: 0 })),
  clause('v?K', (items) => set({ consistency: meantBy<string>(items, 'consistency') })),
  clause('v?[+&]?[nh]q?o?[wm]', (items) => {
    const [thinner] = thinnersIn(items);
    const [parts] = figuresIn(items);
    const isCounted = items.some(({ kind }) => kind === 'number') && parts >= 1;
    return isCounted ? [{ inMix: { thinner, parts } }] : setThinner(thinner, parts);
  }),
  clause('!o?[wm]', (items) => setThinner(thinnersIn(items)[0], 0)),
  clause('hX?o?[wm]|X[wm]', (items) => {
    if (!items.some(({ kind }) => kind === 'more'))
      return setThinner(thinnersIn(items)[0], figuresIn(items)[0]);
    return set(thinnersIn(items)[0] === 'water' ? { moreWater: true } : { moreMedium: true });
  }),
  clause(`v?${anyRatio}`, ratio),
  clause(`v?${anyRatio}v?o?[wm](?:&?[wm])?`, ratio),
  clause(`[wm]${anyRatio}|v[wm],${anyRatio}`, ratio),
  // “1 paint : 2 water : 1 medium”
  clause('v?nq?o?b(?:[:T+&,]nq?o?[wm]){1,2}', (items) => {
    const [paint, ...thinner] = figuresIn(items);
    if (!(paint > 0)) return marked('parts of paint above 0');
    return thinnersIn(items).flatMap((each, index) => setThinner(each, thinner[index] / paint));
  }),
  // “two parts of water to one of paint”
  clause('v?nq?o?[wm][:T]nq?o?b', (items) => {
    const [thinner, paint] = figuresIn(items);
    if (!(paint > 0)) return marked('parts of paint above 0');
    return setThinner(thinnersIn(items)[0], thinner / paint);
  }),
  // “no paint”: what a damp brush holds
  clause('!b', () => []),
];
