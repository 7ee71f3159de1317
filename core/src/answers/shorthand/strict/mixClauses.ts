import { mostParts } from '../../../written/mix/mix';
import {
  clause,
  figuresIn,
  marked,
  meantBy,
  type Clause,
  type Fact,
  type PartFact,
} from './clause';
import type { Item } from './items';
import type { SaidPart } from '../said';

const sourceOf = (items: readonly Item[]): SaidPart => {
  const line = items.find(({ kind }) => kind === 'line');
  // No number is the line above; which that is, is known when the line is made.
  if (line) return { line: typeof line.value === 'number' ? line.value : -1 };
  return { potId: meantBy<string>(items, 'pot') };
};

function part(items: readonly Item[]): Fact[] {
  const source = items.find(({ kind }) => kind === 'pot' || kind === 'line');
  if (source?.mark) return [{ mark: source.mark, at: source }];
  const [parts] = figuresIn(items);
  if (parts === undefined) return [{ part: sourceOf(items) }];
  if (!(parts > 0 && parts <= mostParts)) return marked(`parts above 0 and up to ${mostParts}`);
  const isAmount = items.some(({ kind }) => kind === 'amount');
  return [{ part: { parts, ...sourceOf(items) }, ...(isAmount && { isAmount }) }];
}

/** A part of which more is known than its figure. */
const partThat = (more: Omit<PartFact, 'part'>, items: readonly Item[]): Fact[] =>
  part(items).map((fact) => ('part' in fact ? { ...fact, ...more } : fact));

function noPot(items: readonly Item[]): Fact[] {
  const unknown = items.filter(({ kind }) => kind === 'unknown' || kind === 'potWord');
  const own = unknown.find(({ mark }) => mark);
  const at = { from: unknown[0].from, to: unknown[unknown.length - 1].to };
  if (own?.mark) return [{ mark: own.mark, at: own }];
  return [{ mark: { message: 'is no pot on the shelf', isNoPot: true }, at }];
}

/** Each run of items up to and with a pot or line, or the figure after it. */
const partsAfter = (items: readonly Item[]): Fact[] =>
  items.flatMap((item, index) =>
    item.kind === 'pot' || item.kind === 'line'
      ? part([
          item,
          ...items
            .slice(index + 1)
            .filter(({ kind }) => kind === 'number')
            .slice(0, 1),
        ])
      : [],
  );

/** The figure after a thinner, of the same parts as the pots. */
const thinnerAfter = (items: readonly Item[]): Fact[] =>
  items.flatMap(({ kind }, index) =>
    kind === 'water' || kind === 'medium'
      ? [{ inMix: { thinner: kind, parts: figuresIn([items[index + 1]])[0] } }]
      : [],
  );

const one: Item = { kind: 'number', value: 1, text: '1', from: 0, to: 0 };

const more = '(?:[,+&]*pn)';
const thinner = '[,+&]*[wm]n';
const noMore = '(?![qcMHx%:T])';

/** The parts of the mix. */
export const mixClauses: Clause[] = [
  clause('[nh]?q?o*[pl]', part),
  clause('n%o*[pl]|[pl]n%(?!o?[wm])', (items) => partThat({ isPercent: true }, items)),
  // “The same as line 2” is all of it, where no more is mixed in.
  clause('=lA?|lA', (items) => partThat({ isWhole: true }, items)),
  // “ochre 60 umber 40”, “ochre 2, umber 1, water 3”
  clause(`pn${more}+(?:${thinner})?${noMore}|pn${more}*${thinner}${noMore}`, (items) => [
    ...partsAfter(items),
    ...thinnerAfter(items),
  ]),
  // “twice as much ochre as umber”
  clause('ho*p=o*p', (items) => {
    const as = items.findIndex(({ kind }) => kind === 'like');
    return [...part(items.slice(0, as)), ...part([...items.slice(as + 1), one])];
  }),
  // “equal parts ochre, umber and water”
  clause('8p(?:[,+&]{1,2}p)*(?:[,+&]{1,2}[wm])?', (items) => [
    ...items.flatMap((item) => (item.kind === 'pot' ? part([item, one]) : [])),
    ...items.flatMap(({ kind }) =>
      kind === 'water' || kind === 'medium' ? [{ inMix: { thinner: kind, parts: 1 } }] : [],
    ),
  ]),
  // “a bit more bone” is the mix above with so much more.
  clause('[nh]Xq?o*p', (items) => partThat({ isWithAbove: true }, items)),
  // An amount like “some” is not counted; of one pot alone it does not matter.
  clause('(?<=^|[ts,4:])9(?=[pl])', () => []),
  clause('hpA', part),
  clause('[pl]nq(?!o?[wm])', part),
  clause('[pl]Cnq?C', part),
  // A name that no pot has, where one is to be: after a figure, a plus or a stage.
  clause('[nh]q?o*\\?+', noPot),
  clause('(?<=[+&:4])\\?+', noPot),
  clause('\\?+(?=\\+)', noPot),
  clause('[nh]?q?o*\\?*5', noPot),
  // “ochre ×2 + bone ×1”: after one pot alone it is how often it goes on.
  clause('[pl]xn(?:[+&,v][pl]xn)+', partsAfter),
  clause('\\+>?[nh]?q?o*pT[o]*l', (items) => [
    ...part(items.slice(-1)),
    ...part(items.slice(0, -2)),
  ]),
  // “Again” is what a line has anyway that says no pots.
  clause('^A', () => []),
  // “Add one part of bone to three parts of red”, and the other way about
  clause('\\+nq?o*pTnq?o*p|Tnq?o*p\\+nq?o*p', (items) => {
    const second = items.findLastIndex(({ kind }) => kind === 'number');
    return [...part(items.slice(0, second)), ...part(items.slice(second))];
  }),
  clause('>qo*p', (items) => partThat({ isWithAbove: true }, [...items, one])),
  clause('>(?=[tc1J]|o?[pl])', () => []),
  clause('(?<=[pl].*);(?=.*[plts])', () => marked('what comes after it is a line of its own')),
  // “Add a touch of bone”: to the mix above.
  clause('^\\+(?:[nh]q?|q)o*p(?!T)', (items) => partThat({ isWithAbove: true }, items)),
  clause('^\\+X?o*p', () => marked('how much, and to what? say “line above + 1 bone”')),
  clause('^b(?=1?[zpe])', () => []),
  clause('(?<=[ple])[:T](?=[nh]?q?o*[pl])', () => []),
];
