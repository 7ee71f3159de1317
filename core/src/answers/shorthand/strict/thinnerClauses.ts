import { mostThinner } from '../../../written/mix/mix';
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

const ratio = (items: Item[]): Fact[] => {
  const parts = ratioIn(items);
  const isEven = items.some(({ kind }) => kind === 'evenly') && parts.every((each) => each === 1);
  const thinner = thinnersIn(items);
  return [{ ratio: { parts, ...(isEven && { isEven }), ...(thinner[0] && { thinner }) } }];
};

const anyRatio = '(?:nq?(?:[:T]nq?){1,2}|r)';

/** A pot, and how far it is thinned. */
function potThinned(items: Item[]): Fact[] {
  const pot = items.find(({ kind }) => kind === 'pot');
  if (pot?.mark) return [{ mark: pot.mark, at: pot }];
  return [{ part: { potId: pot?.value as string } }, ...ratio(items)];
}

/** How far it is thinned, and ratios that may be of the mix. */
export const thinnerClauses: Clause[] = [
  clause('N', () => set({ water: 0, medium: 0 })),
  clause('v?K', (items) => set({ consistency: meantBy<string>(items, 'consistency') })),
  clause('v?[+&]?[nh]q?o?[wm]', (items) => {
    const [thinner] = thinnersIn(items);
    const [parts] = figuresIn(items);
    const isCounted = items.some(({ kind }) => kind === 'number') && parts >= 1;
    const isInParts = items.some(({ kind }) => kind === 'parts');
    return isCounted ? [{ inMix: { thinner, parts, isInParts } }] : setThinner(thinner, parts);
  }),
  clause('v?[+&]?n%o?[wm]|[wm]n%', (items) => {
    const [percent] = figuresIn(items);
    if (!(percent >= 0 && percent < 100)) return marked('percent from 0 to below 100');
    return [{ shareInMix: { thinner: thinnersIn(items)[0], percent } }];
  }),
  // “three times as much water as paint”
  clause('v?ho?[wm]=b', (items) => setThinner(thinnersIn(items)[0], figuresIn(items)[0])),
  clause('!o?[wm]', (items) => setThinner(thinnersIn(items)[0], 0)),
  clause('hX?o?[wm]|X[wm]', (items) => {
    if (!items.some(({ kind }) => kind === 'more'))
      return setThinner(thinnersIn(items)[0], figuresIn(items)[0]);
    return set(thinnersIn(items)[0] === 'water' ? { moreWater: true } : { moreMedium: true });
  }),
  clause(`(?<=[pl])${anyRatio}(?=[&,]+[pl])`, () =>
    marked('of both pots, or of water? say it after them'),
  ),
  clause(`v?${anyRatio}`, ratio),
  clause(`v?${anyRatio}v?o?[wm](?:&?[wm])?`, ratio),
  clause(`[wm]${anyRatio}|[v&+][wm],?${anyRatio}`, ratio),
  clause(`(?<=[pl])[wm],?${anyRatio}`, ratio),
  // “1:2 (paint:water)”
  clause(`${anyRatio}C?b[:T&][wm]C?`, ratio),
  // “50:50 red and water”
  clause(`${anyRatio}p[&+:][wm]`, potThinned),
  // “1 part violet to 6 parts water”
  clause('nq?o?pTnq?o?[wm]', potThinned),
  // “as many of each”
  clause('8(?=$|,)', () => [{ ratio: { parts: [1, 1], isEven: true } }]),
  // “with water and medium, 1:2:1”
  clause('[v&+]?[wm]&[wm],?n[:T]n[:T]n', ratio),
  // “water two parts”, “water (2)”
  clause('[+&]?[wm](?:Cnq?C|nq)', (items) => {
    const [parts] = figuresIn(items);
    return [{ inMix: { thinner: thinnersIn(items)[0], parts } }];
  }),
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
  clause('v?8o?[wm]', (items) => setThinner(thinnersIn(items)[0], 1)),
  clause('v?[89]?o?[wm]&[89]?[wm](?:,?n[:T]n|,?r)?|v?[nh]q?o?[wm]T[nh]q?o?[wm]', () =>
    marked('how much of each to 1 part of paint?'),
  ),
  clause('v?[J9]o?[wm]', () => marked('how much? say “2 water”')),
  // “no paint”: what a damp brush holds
  clause('!b', () => []),
];
