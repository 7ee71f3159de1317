import { lifts, techniqueOf } from '../../../written/technique/techniques';
import { mostCoats } from '../../../written/recipe/step';
import type { Beside, Said } from '../said';
import type { Frame } from './frame/frame';
import { settleMix } from './settleMix';
import { settlePlace } from './settlePlace';
import { settleThinning } from './settleThinning';

/** Settles one line from its frame. */
export function settleFrame(frame: Frame, beside: Beside): Said {
  const before = beside.above.at(-1);
  addOnlyOfKind(frame, beside);
  takeWholeLine(frame, beside);
  // “Same as line 1 but with 1 white”: put into its mix.
  if (
    frame.same &&
    frame.paints.length > 0 &&
    frame.paints.every(({ parts, line }) => parts !== undefined && line === undefined)
  )
    frame.intoAbove = true;
  const said: Said = { parts: swappedIn(frame, beside) ?? settleMix(frame, beside) };
  if (frame.same && before) said.like = frame.sameAs ?? beside.above.length;
  const technique = techniqueMeant(frame, said, beside);
  if (technique) said.technique = technique;
  if (frame.stage && !(said.like && frame.stage === 'base')) said.stage = frame.stage;
  Object.assign(said, settleThinning(frame, said, beside));
  settleCoats(frame, said);
  Object.assign(said, settlePlace(frame, said, beside));
  if (frame.dryMinutes !== undefined) said.dryMinutes = frame.dryMinutes;
  if (frame.level) said.level = frame.level;
  if (frame.tool) said.tool = frame.tool;
  if (frame.softness !== undefined) said.softness = frame.softness;
  if (frame.pull) said.pull = frame.pull;
  if (frame.sparser && (frame.technique === 'stipple' || before?.technique === 'stipple'))
    said.density = 0.5;
  return said;
}

/** A wash in the hollows is another technique than one over everything; paint on edges is a line. */
function techniqueMeant(frame: Frame, said: Said, beside: Beside): Said['technique'] {
  const { technique, word = '', places } = frame;
  const isLow = places.length > 0 && places.every(({ to }) => to <= 0.45);
  const kinds = frame.paints.flatMap(({ pots }) => pots.map(({ kind }) => kind));
  const isWash = kinds.length > 0 && kinds.every((kind) => kind === 'wash');
  if (technique === 'allOverWash' || (!technique && isWash))
    return isLow || frame.fold === 'in' ? 'recessWash' : technique;
  const [only] = frame.paints;
  if (!technique && frame.paints.length === 1 && only.isDot) return 'point';
  if (!technique && frame.isGlazeThin) return 'placedGlaze';
  if (technique === 'spray' && frame.sides.some(({ side }) => side === 'up'))
    return 'sprayFromAbove';
  if (technique && lifts(technique) && said.parts.length > 0) return undefined;
  if (
    !technique &&
    !frame.same &&
    frame.all &&
    kinds.every((kind) => kind === 'ink') &&
    kinds.length > 0
  )
    return 'allOverWash';
  if (!technique && !frame.same) {
    const isEdge = places.length > 0 && places.every(({ from }) => from >= 0.85);
    if (isEdge && beside.above.length > 0 && kinds.every((kind) => kind === 'paint'))
      return 'edgeLine';
  }
  // “Line the panel edges”: what stands up is lined with light, what lies low with dark.
  if (technique === 'lining' && places.length > 0 && places.every(({ from }) => from >= 0.8))
    return 'edgeLine';
  // “Edge highlight” is said in many words: a highlight on the edges.
  if (technique === 'layer' && /line/u.test(word) && places.some(({ from }) => from >= 0.85))
    return 'edgeLine';
  return technique;
}

function settleCoats(frame: Frame, said: Said): void {
  const most = (count: number) => Math.min(mostCoats, Math.max(1, Math.round(count)));
  if (frame.coats !== undefined && frame.coats >= 1) said.coats = most(frame.coats);
  if (frame.coatsUpTo !== undefined) said.coatsUpTo = most(frame.coatsUpTo);
  if (frame.isRepeated && said.coats === undefined) {
    const tints = said.technique !== undefined && techniqueOf(said.technique).tints;
    said.coats = tints ? 2 : 1;
    said.coatsUpTo = said.coats + 2;
  }
  if (said.coatsUpTo !== undefined && said.coats === undefined) said.coats = 1;
  if (said.coatsUpTo !== undefined && said.coatsUpTo <= (said.coats ?? 1)) delete said.coatsUpTo;
}

/** “Varnish it”, “spray primer”: with the one there is of that kind. */
function addOnlyOfKind(frame: Frame, { names }: Beside): void {
  if (frame.paints.length > 0) return;
  const kind = frame.stage === 'finish' ? 'varnish' : frame.isPrimer ? 'primer' : null;
  const pots = names.pots.filter((pot) => pot.kind === kind && !pot.retired);
  if (pots.length > 0)
    frame.paints.push({ pots, isWhole: true, span: frame.isPrimer ?? { from: 0, to: 0 } });
}

/** “Line 2 again”: all of it, where nothing else is mixed with it. */
function takeWholeLine(frame: Frame, { above }: Beside): void {
  const [only] = frame.paints;
  const [named] = frame.paints.filter(({ isWholeLine }) => isWholeLine);
  if (named?.line !== undefined && frame.insteadOf && frame.paints.length === 2) {
    frame.same = true;
    frame.sameAs = named.line;
    frame.paints = frame.paints.filter((paint) => paint !== named);
    return;
  }
  const isWhole =
    frame.technique === undefined &&
    frame.paints.length === 1 &&
    only.isWholeLine &&
    only.line !== undefined &&
    only.parts === undefined;
  if (!isWhole || !above.at((only.line ?? 0) - 1)) return;
  frame.same = true;
  frame.sameAs = only.line ?? above.length;
  frame.paints = [];
}

/** “Line 2 with tallow instead of straw”: its mix, the one for the other. */
function swappedIn(frame: Frame, { above }: Beside): Said['parts'] | null {
  const [only] = frame.paints;
  const step = above.at((frame.sameAs ?? above.length) - 1);
  const isSwap =
    frame.same && frame.insteadOf && frame.paints.length === 1 && only.pots.length === 1;
  if (!isSwap || !step) return null;
  const gone = new Set(frame.insteadOf?.map(({ id }) => id));
  if (!step.mix.parts.some((part) => part.from === 'pot' && gone.has(part.potId))) return null;
  return step.mix.parts.map((part) =>
    part.from === 'pot'
      ? { potId: gone.has(part.potId) ? only.pots[0].id : part.potId, parts: part.parts }
      : { line: above.findIndex(({ id }) => id === part.stepId) + 1, parts: part.parts },
  );
}
