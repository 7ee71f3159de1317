import { depositAt, placeOf, type Placement, type Step } from '@yellow-ledger/core';
import type { Range, SaidExample, Wanted, WantedPlace } from './want';

/** How a sentence came out. */
export type Outcome = 'right' | 'asked' | 'wrong';

/** The part of a reading that is scored. */
export interface Scored {
  step: Step | null;
  steps?: readonly Step[];
  said: object;
  marks: readonly { from: number; to: number; message: string }[];
  change?: unknown;
}

export interface Judged {
  is: Outcome;
  why: string;
}

const within = (value: number, range: Range): boolean =>
  typeof range === 'number'
    ? Math.abs(value - range) <= 0.05 * Math.max(1, range)
    : value >= range[0] - 1e-6 && value <= range[1] + 1e-6;

/** Fields in which a line differs from the wanted one, each with its value. */
type Difference = readonly [field: string, is: string];

/** The shares of a mix, by pot or by the line a mix was carried from. */
function sharesOf(step: Step, above: readonly Step[]): Map<string, number> {
  const shares = new Map<string, number>();
  const all = step.mix.parts.reduce((sum, { parts }) => sum + parts, 0);
  for (const part of step.mix.parts) {
    const name =
      part.from === 'pot' ? part.potId : `#${above.findIndex(({ id }) => id === part.stepId) + 1}`;
    shares.set(name, (shares.get(name) ?? 0) + part.parts / all);
  }
  return shares;
}

/** A carried mix counts as what it is made of. */
function flat(step: Step, above: readonly Step[]): Map<string, number> {
  const shares = new Map<string, number>();
  for (const [name, share] of sharesOf(step, above)) {
    const line = name.startsWith('#') ? above[Number(name.slice(1)) - 1] : undefined;
    for (const [inner, of] of line ? flat(line, above) : new Map([[name, 1]]))
      shares.set(inner, (shares.get(inner) ?? 0) + share * of);
  }
  return shares;
}

/** Within five hundredths of the whole, wherever in its range each part lies. */
function isMix(parts: Wanted['parts'], step: Step, above: readonly Step[]): boolean {
  if (!parts) return true;
  if ('?' in parts) return step.mix.parts.length === 0;
  const got = flat(step, above);
  const options = Object.entries(parts).map(([name, range]) => ({
    names: name.split('|'),
    least: typeof range === 'number' ? range : range[0],
    most: typeof range === 'number' ? range : range[1],
  }));
  const steps = 6;
  const trial = (index: number, chosen: [string, number][]): boolean => {
    if (index < options.length) {
      const { names, least, most } = options[index];
      return names.some((name) =>
        Array.from(
          { length: least === most ? 1 : steps + 1 },
          (_, n) => least + ((most - least) * n) / steps,
        ).some((value) => trial(index + 1, [...chosen, [name, value]])),
      );
    }
    const sum = chosen.reduce((total, [, value]) => total + value, 0);
    const wanted = new Map<string, number>();
    for (const [name, value] of chosen) {
      const line = name.startsWith('#') ? above.at(lineIndex(name)) : undefined;
      for (const [inner, of] of line ? flat(line, above) : new Map([[name, 1]]))
        wanted.set(inner, (wanted.get(inner) ?? 0) + (value / sum) * of);
    }
    return [...new Set([...wanted.keys(), ...got.keys()])].every(
      (name) => Math.abs((wanted.get(name) ?? 0) - (got.get(name) ?? 0)) <= 0.05,
    );
  };
  return trial(0, []);
}

/** `#2` counts from the top, `#-1` from below. */
const lineIndex = (name: string) => {
  const number = Number(name.slice(1));
  return number < 0 ? number : number - 1;
};

const isPlaceSaid = (said: object) =>
  ['tone', 'facing', 'along', 'height', 'spot'].some((field) => field in said);

function isPlace(wanted: WantedPlace, step: Step, said: object): boolean {
  const { from, to, aim, pull } = step.placement;
  const ends = (is: { from: number; to: number }, want: NonNullable<WantedPlace['band']>) =>
    within(is.from, want.from) && within(is.to, want.to);
  if (wanted.pull && pull !== wanted.pull) return false;
  if (wanted.all && !(from <= 0.02 && to >= 0.98 && !isAimed(aim))) return false;
  // A part of the body that is a spot of the recipe is that spot.
  const isSpot = aim?.spot !== undefined && from <= 0.02 && to >= 0.98 && !aim.facing;
  if (wanted.unsaid && isPlaceSaid(said) && !isSpot) return false;
  if (wanted.spot && aim?.spot === undefined) return false;
  if (wanted.band && !ends(step.placement, wanted.band)) return false;
  if (wanted.along && !(aim?.along && ends(aim.along, wanted.along))) return false;
  if (wanted.height && !(aim?.height && ends(aim.height, wanted.height))) return false;
  if (wanted.facing && !(aim?.facing && wanted.facing.includes(aim.facing.side))) return false;
  // An aim that was not asked for is an error too.
  if (!wanted.facing && wanted.band && aim?.facing) return false;
  return (wanted.full ?? []).every(
    (stop) => depositAt(step, placeOf(stop)) * step.coats >= 0.5 - 1e-6,
  );
}

const isAimed = (aim: Placement['aim']) =>
  Boolean(aim && (aim.facing ?? aim.along ?? aim.height ?? aim.spot));

/** Differences, field by field. */
function differences(
  step: Step,
  wanted: Wanted,
  above: readonly Step[],
  said: object,
): Difference[] {
  const { waterParts, mediumParts } = step.mix;
  const upTo = step.coatsUpTo ?? step.coats;
  const places = wanted.where === undefined ? [] : [wanted.where].flat();
  const checks: [string, boolean, string][] = [
    ['technique', !wanted.technique || wanted.technique.includes(step.technique), step.technique],
    [
      'parts',
      isMix(wanted.parts, step, above),
      [...sharesOf(step, above)].map(([name, share]) => `${name} ${share.toFixed(2)}`).join(' + '),
    ],
    ['water', wanted.water === undefined || within(waterParts, wanted.water), String(waterParts)],
    [
      'medium',
      wanted.medium === undefined || within(mediumParts, wanted.medium),
      String(mediumParts),
    ],
    [
      'water',
      wanted.thinner === undefined || within(waterParts + mediumParts, wanted.thinner),
      `${waterParts} water, ${mediumParts} medium`,
    ],
    [
      'coats',
      !wanted.coats || (step.coats >= wanted.coats[0] && upTo <= wanted.coats[1]),
      `${step.coats} to ${upTo}`,
    ],
    ['where', !wanted.shrinks || step.placement.last !== undefined, 'does not shrink'],
    [
      'where',
      places.length === 0 || places.some((place) => isPlace(place, step, said)),
      JSON.stringify(step.placement),
    ],
  ];
  return checks.flatMap(([field, is, what]): Difference[] => (is ? [] : [[field, what]]));
}

/** The accepted ways, each a list of lines. */
const waysOf = ({ want, wants, anyOf = [] }: Pick<SaidExample, 'want' | 'wants' | 'anyOf'>) => [
  ...(want ? [[want]] : []),
  ...(wants ? [wants] : []),
  ...anyOf,
];

/** Differences from the alternative that fits best. */
function leastDifferences(
  example: Pick<SaidExample, 'want' | 'wants' | 'anyOf'>,
  reading: Scored,
  above: readonly Step[],
): Difference[] {
  const lines = reading.steps ?? (reading.step ? [reading.step] : []);
  const each = waysOf(example).map((way) => {
    if (lines.length !== way.length)
      return [['lines', `${lines.length} of ${way.length}`]] as Difference[];
    return way.flatMap((wanted, index) =>
      differences(
        lines[index],
        wanted,
        [...above, ...lines.slice(0, index)],
        way.length > 1 ? {} : reading.said,
      ),
    );
  });
  return each.sort((one, other) => one.length - other.length)[0] ?? [];
}

/** Judges a reading: marks have to be on what was fairly asked about, or on what is wrong. */
export function judge(
  example: Omit<SaidExample, 'id'>,
  reading: Scored,
  above: readonly Step[],
): Judged {
  const { said, at = {}, fairQuestion = [] } = example;
  if (example.command) {
    const isLine = (reading.step !== null || (reading.steps ?? []).length > 0) && !reading.change;
    return isLine && reading.marks.length === 0
      ? { is: 'wrong', why: 'a line was written from a command' }
      : { is: 'right', why: '' };
  }
  const marked = reading.marks.map(({ from, to }) => said.slice(from, to).toLowerCase().trim());
  const touches = (mark: string, words: readonly string[]) =>
    words.some(
      (word) =>
        mark.includes(word.toLowerCase()) || (mark.length > 2 && word.toLowerCase().includes(mark)),
    );
  const needless = marked.filter((mark) => !touches(mark, fairQuestion));
  const differs = leastDifferences(example, reading, above);
  const why = [
    ...(needless.length > 0 ? [`marked ${needless.join(' | ')}`] : []),
    ...differs.map(([field, is]) => `${field}: ${is}`),
  ].join('; ');
  if (differs.length === 0) return { is: needless.length > 0 ? 'asked' : 'right', why };
  const isOnIt = differs.every(
    ([field]) =>
      marked.some((mark) => touches(mark, at[field] ?? [])) ||
      (field === 'lines' && marked.length > 0),
  );
  // Without `at` a mark anywhere counts: nobody says which words carry what.
  const isMarked = Object.keys(at).length > 0 ? isOnIt : marked.length > 0;
  return { is: isMarked ? 'asked' : 'wrong', why };
}
