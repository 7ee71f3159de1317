import { stepSchema, type Step } from '../../../written/recipe/step';
import { lifts } from '../../../written/technique/techniques';
import type { LineReading } from '../lineReading';
import type { Beside, Mark, Rough, Said, Span } from '../said';
import { bestPath } from './bestPath';
import { betweenLines } from './frame/readBetween';
import { fillers, type Chunk } from './chunk';
import type { Frame } from './frame/frame';
import { readFrame } from './frame/readFrame';
import { settleFrame } from './settleFrame';
import { severalLines } from './severalLines';
import { missingPots } from './missingPots';
import { repeatsPot, splitLines } from './splitLines';
import { spotsSaid } from './spotsSaid';
import { withoutHeading } from './withoutHeading';

/** Makes a line of what was said, beside the lines above it. */
export type MakeLine = (said: Said, beside: Beside, id: string) => Step;

/**
 * Reads a sentence as painters say it: what explains nothing ends in the note, what was not said is
 * not read out of it, and only what a painter at the same table would ask is asked.
 *
 * @returns null where nothing in it is of a line
 */
export function readSpeech(
  sentence: string,
  beside: Beside,
  id: string,
  makeLine: MakeLine,
): LineReading | null {
  const path = withoutHeading(bestPath(sentence, beside));
  if (!saysSomething(path)) return null;
  const frames: { frame: Frame; chunks: readonly Chunk[] }[] = [];
  const steps: Step[] = [];
  const marks: Mark[] = [];
  const rough: Rough[] = [];
  let first: Said | null = null;
  const lines = splitLines(path);
  const asked = lines.length > 0 ? lines : [path];
  for (const chunks of asked)
    frames.push({
      chunks,
      frame: readFrame(chunks, { ...beside, above: [...beside.above, ...steps] }),
    });
  // “…, each over less” is of every line of the sentence.
  // “…, each drybrushed” too.
  const isHead = saysWayFirst(path);
  const [ofEach] = frames.flatMap(({ frame }) => (frame.isOfEach || isHead ? [frame] : []));
  const isEachSmaller = frames.length > 1 && frames.some(({ frame }) => frame.shrinks);
  // “A, A and B, B: three layers” counts the lines.
  const isCounted = frames.length > 1 && repeatsPot(path);
  frames.forEach(({ chunks }, index) => {
    const here: Beside = { ...beside, above: [...beside.above, ...steps] };
    const frame = readFrame(chunks, here);
    if (ofEach?.technique && !frame.technique) {
      frame.technique = ofEach.technique;
      frame.word = ofEach.word ?? '';
    }
    if (isCounted && frame.coats === frames.length) delete frame.coats;
    // “Tan > cheek 50/50 > cheek”: half of what stands before it.
    if (index > 0 && isHalfOfBoth(frame) && frames[index - 1].frame.paints.length === 1)
      frame.intoAbove = true;
    if (isEachSmaller) {
      delete frame.shrinks;
      if (index > 0 && frame.places.length === 0) frame.smaller = true;
    }
    for (const said of severalLines(frame, settleFrame(frame, here), here)) {
      const now: Beside = { ...beside, above: [...beside.above, ...steps] };
      const withNote = index === 0 && steps.length === 0 ? noted(said, frame, sentence) : said;
      const step = makeLine(withNote, now, steps.length === 0 ? id : `${id}-${steps.length + 1}`);
      first ??= withNote;
      const checked = stepSchema.safeParse(step);
      if (checked.success) steps.push(step);
      else
        marks.push(
          ...checked.error.issues.map(({ message }) => ({ from: 0, to: sentence.length, message })),
        );
    }
    const missing = missingPots(frame, chunks, here);
    const asking = missing.length > 0 ? missing : askPaint(frame, chunks, here);
    marks.push(...frame.marks, ...asking);
    rough.push(...frame.rough);
  });
  if (!first) return null;
  const [step = null] = steps;
  const spots = steps.length === 1 && !step?.placement.aim?.spot ? spotsSaid(path, beside) : [];
  return {
    said: first,
    marks: inOrder(withoutRatios(marks)),
    rough,
    step,
    ...(steps.length > 1 && { steps }),
    ...(spots.length > 0 && { spots }),
  };
}

/** “Stipple: …, then …”: a way before a colon or comma, ahead of every pot, is of all lines. */
function saysWayFirst(path: readonly Chunk[]): boolean {
  const pot = path.findIndex(({ kind }) => kind === 'pot');
  const head = path.slice(0, Math.max(0, pot));
  return (
    head.some(({ kind }) => kind === 'technique') &&
    ['colon', 'comma', 'dash'].includes(head.at(-1)?.kind ?? '')
  );
}

/** Whether one paint has a ratio of even parts, and nothing is said to thin it. */
const isHalfOfBoth = ({ paints, ratios, water, technique }: Frame): boolean =>
  paints.length === 1 &&
  ratios.length === 1 &&
  ratios[0].parts.length === 2 &&
  ratios[0].parts[0] === ratios[0].parts[1] &&
  !ratios[0].thinner &&
  water === undefined &&
  technique === undefined;

/** A ratio cannot be resolved before its pots are on the shelf. */
const withoutRatios = (marks: readonly Mark[]) =>
  marks.some(({ isNoPot }) => isNoPot) ? marks.filter(({ isOfRatio }) => !isOfRatio) : marks;

const inOrder = (marks: readonly Mark[]) => [...marks].sort((one, other) => one.from - other.from);

const silent = new Set<string>([
  ...fillers,
  'unknown',
  'number',
  'body',
  'only',
  'below',
  'times',
  'line',
  'unit',
  'shareEnd',
  'asItIs',
  'plus',
  'from',
  'upwards',
  'downwards',
  'percent',
  'paint',
  'optional',
  'more',
  'instead',
  'again',
]);

/** Whether a sentence has anything of a line in it. */
const saysSomething = (path: readonly Chunk[]) =>
  path.some(({ kind }, at) => !silent.has(kind) || betweenLines(path, at) !== null);

const carries = new Set([
  'same',
  'mixAbove',
  'baseMix',
  'more',
  'add',
  'again',
  'thinner',
  'smaller',
  'deeper',
  'ratio',
  'less',
  'intoIt',
  'line',
  'repeat',
  'often',
  'coats',
  'thin',
]);

/** A way and a place without a paint, and nothing that says the one above goes on: with which paint? */
function askPaint(frame: Frame, chunks: readonly Chunk[], { above }: Beside): Mark[] {
  const isCarried = frame.same === true || chunks.some(({ kind }) => carries.has(kind));
  const isSaid =
    frame.paints.length > 0 ||
    frame.marks.length > 0 ||
    (frame.technique && lifts(frame.technique));
  const [way] = chunks.filter(
    ({ kind }) => kind === 'technique' || kind === 'stage' || kind === 'place',
  );
  if (isCarried || isSaid || !way || above.length === 0) return [];
  return [{ from: way.from, to: way.to, message: 'with which paint?' }];
}

/** Keeps the words that were not read as the note. */
function noted(said: Said, { notes }: Frame, sentence: string): Said {
  if (notes.length === 0) return said;
  const joined: Span[] = [];
  for (const span of [...notes].sort((one, other) => one.from - other.from)) {
    const last = joined.at(-1);
    if (last && sentence.slice(last.to, span.from).trim().length <= 4)
      last.to = Math.max(last.to, span.to);
    else joined.push({ ...span });
  }
  const note = joined.map(({ from, to }) => sentence.slice(from, to).trim()).join(', ');
  return { ...said, note };
}
