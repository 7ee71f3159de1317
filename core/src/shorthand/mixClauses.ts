import { mostParts } from '../recipe/mix';
import { clause, figuresIn, marked, meantBy, type Clause, type Fact } from './clause';
import type { Item } from './items';
import type { SaidPart } from './said';

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
  return [{ part: { parts, ...sourceOf(items) } }];
}

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

/** What is in the mix. */
export const mixClauses: Clause[] = [
  clause('[nh]?q?o*[pl]', part),
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
  // “a bit more bone” is the mix above with so much more.
  clause('hX[o]*p', (items) =>
    part(items).map((fact) => ('part' in fact ? { ...fact, isWithAbove: true } : fact)),
  ),
  clause('\\+[nh]?q?o*pT[o]*l', (items) => [...part(items.slice(-1)), ...part(items.slice(0, -2))]),
  // “Again” is what a line has anyway that says no pots.
  clause('^A', () => []),
  // “Add a touch of bone”: to the mix above.
  clause('^\\+[nh]q?o*p', (items) =>
    part(items).map((fact) => ('part' in fact ? { ...fact, isWithAbove: true } : fact)),
  ),
  clause('^\\+X?o*p', () => marked('how much, and to what? say “line above + 1 bone”')),
  clause('^b(?=1?[zpe])', () => []),
  clause('(?<=[ple])[:T](?=[nh]?q?o*[pl])', () => []),
];
