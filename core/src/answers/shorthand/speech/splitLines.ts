import { meaningOf, type Chunk, type ChunkKind } from './chunk';

const work = new Set<ChunkKind>([
  'technique',
  'stage',
  'place',
  'shareEnd',
  'fold',
  'side',
  'all',
  'not',
  'smaller',
  'coats',
  'often',
  'spot',
]);
const unheard = new Set<ChunkKind>(['quiet', 'and', 'comma', 'on', 'with']);

/** Whether a part of a sentence has a paint and a place or way of its own. */
const says = (part: readonly Chunk[]) => ({
  paint: part.some(
    (chunk, index) =>
      (isPaint(chunk) && part.at(index - 1)?.kind !== 'not' && !isLeft(part, index)) ||
      chunk.kind === 'mixAbove',
  ),
  place: part.some(({ kind }) => places.has(kind)),
  work: part.some(({ kind }) => work.has(kind)),
});

/** “Leave the hollows black” is what is there. */
const isLeft = (part: readonly Chunk[], index: number) =>
  part.slice(0, index).some(({ kind, text }) => kind === 'not' && /^leav/u.test(text));

const places = new Set<ChunkKind>(['place', 'fold', 'side', 'all', 'spot', 'shareEnd', 'body']);

const isPaint = (chunk: Chunk) =>
  chunk.kind === 'pot' && chunk.pots.some(({ kind }) => kind !== 'medium');

/** Whether a part begins with a pot, as a line of its own does. */
const beginsWithPot = (part: readonly Chunk[]) =>
  part.find(({ kind }) => kind !== 'quiet')?.kind === 'pot';

const beginsWithStage = (part: readonly Chunk[]) =>
  part.find(({ kind }) => kind !== 'quiet')?.kind === 'stage';

/** Whether a part adds to the mix of the line before it. */
const addsTo = (part: readonly Chunk[]) =>
  part.some(({ kind }) =>
    ['amount', 'add', 'more', 'intoIt', 'not', 'collects', 'plus'].includes(kind),
  );

/**
 * The lines of a sentence: what comes after “then” is another, and so is what comes after a comma and
 * has a pot and a place or way of its own.
 */
export function splitLines(path: readonly Chunk[]): Chunk[][] {
  const lines: Chunk[][] = [];
  const repeats = repeatsPot(path);
  let line: Chunk[] = [];
  const end = () => {
    if (line.some(({ kind }) => !unheard.has(kind))) lines.push(line);
    line = [];
  };
  let part: Chunk[] = [];
  const take = () => {
    const [now, next] = [says(line), says(part)];
    const isOwn = now.paint && now.work && next.paint && next.work && beginsWithPot(part);
    // “The edges with gosling and the corners with white”
    const isOtherPlace = now.paint && now.place && next.paint && next.place;
    // “Mid is heron, shade is slate”
    const isOtherStage = now.paint && now.work && next.paint && beginsWithStage(part);
    // “Heron, heron and white, white”
    const isNextMix = repeats && now.paint && next.paint && beginsWithPot(part);
    if (isOwn || isOtherStage || isNextMix || (isOtherPlace && !addsTo(part))) end();
    line.push(...part);
    part = [];
  };
  path.forEach((chunk, index) => {
    const isLate =
      /^(?:next|finally|lastly|after drying)$/u.test(chunk.text) &&
      part.some(({ kind }) => kind !== 'quiet' && kind !== 'and');
    if (chunk.kind === 'then' && !isLate && !isInShares(path, index)) {
      take();
      if (says(line).paint || says(line).work || lines.length > 0) end();
      return;
    }
    if (chunk.kind === 'and' && isOtherAfter(path, index, [...line, ...part])) take();
    part.push(chunk);
    if (chunk.kind === 'comma') take();
  });
  take();
  end();
  return lines;
}

/** Whether a pot is said again after a comma, in a mix of its own. */
export function repeatsPot(path: readonly Chunk[]): boolean {
  const parts: Chunk[][] = [[]];
  for (const chunk of path)
    if (chunk.kind === 'comma' || chunk.kind === 'then') parts.push([]);
    else parts.at(-1)?.push(chunk);
  const named = parts
    .filter((part) => beginsWithPot(part) && !addsTo(part))
    .map((part) =>
      part.flatMap((chunk) =>
        chunk.kind === 'pot' ? [chunk.pots.map(({ id }) => id).join()] : [],
      ),
    );
  return (
    named.length > 1 &&
    named.some((pots, at) =>
      named.slice(at + 1).some((next) => next.some((pot) => pots.includes(pot))),
    )
  );
}

/** Whether after an “and” another paint goes to another place. */
function isOtherAfter(path: readonly Chunk[], at: number, before: readonly Chunk[]): boolean {
  const rest = path.slice(at + 1);
  const ends = rest.findIndex(({ kind }) => kind === 'comma' || kind === 'then');
  const now = says(before);
  const next = says(ends < 0 ? rest : rest.slice(0, ends));
  return now.paint && now.place && next.paint && next.place;
}

/** “60, then 40, then 20 percent” is one list. */
function isInShares(path: readonly Chunk[], at: number): boolean {
  const isNumber = (index: number) => meaningOf(path.at(index), 'number') !== null;
  const before = path[at - 1]?.kind === 'comma' ? at - 2 : at - 1;
  return (
    before >= 0 &&
    isNumber(before) &&
    isNumber(at + 1) &&
    path.some(({ kind }) => kind === 'percent')
  );
}
