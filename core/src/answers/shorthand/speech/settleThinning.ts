import { mostThinner } from '../../../written/mix/mix';
import { techniqueOf } from '../../../written/technique/techniques';
import type { Beside, Said } from '../said';
import type { Frame, RatioSaid } from './frame/frame';

/** Paint called a wash is watered so far, where nothing else is said; our own starting point. */
const washWater = 1.5;

/** Water and medium to 1 part of paint, where something was said of them. */
export function settleThinning(
  frame: Frame,
  said: Said,
  beside: Beside,
): Pick<Said, 'water' | 'medium'> {
  const counted = countedParts(frame);
  const water =
    frame.countedThinner === 'water' && frame.water !== undefined
      ? frame.water / counted
      : frame.water;
  const medium =
    frame.countedThinner === 'medium' && frame.medium !== undefined
      ? frame.medium / counted
      : frame.medium;
  const kinds = kindsOf(said, beside);
  const isTinting = said.technique !== undefined && (techniqueOf(said.technique).tints ?? false);
  const ratio = frame.ratios[0] as RatioSaid | undefined;
  if (ratio) {
    const thinned = ofRatio(ratio, frame, isTinting, kinds);
    if (thinned) return thinned;
  }
  if (frame.neat === 'said' || (frame.neat === 'weak' && water === undefined && !frame.waterSaid)) {
    if (frame.word && /wash/u.test(frame.word) && kinds.has('paint') && frame.neat === 'said')
      frame.marks.push({
        ...wordSpan(frame),
        message: 'neat paint is no wash: thinned how far, or is it a wash?',
      });
    if (frame.neat === 'said' || kinds.size > 0) return { water: 0, medium: 0 };
  }
  if (frame.thinner) return thinnerThan(beside);
  // “Thin coats of it with medium”: thin with that.
  if (
    frame.mediumSaid &&
    water !== undefined &&
    medium === undefined &&
    frame.countedThinner !== 'water'
  )
    return { medium: Math.min(mostThinner, water) };
  if (water !== undefined || medium !== undefined)
    return {
      ...(water !== undefined && { water: Math.min(mostThinner, water) }),
      ...(medium !== undefined && { medium: Math.min(mostThinner, medium) }),
    };
  if (frame.mediumSaid) return { medium: usualThinner(said) };
  if (frame.waterSaid) return { water: usualThinner(said) };
  const isPaintWash = said.technique === 'allOverWash' || said.technique === 'recessWash';
  if (isPaintWash && frame.word && kinds.has('paint')) {
    frame.rough.push({
      ...wordSpan(frame),
      means: `paint as a wash: about 1 : ${washWater} water`,
    });
    return { water: washWater };
  }
  return {};
}

/** Parts of paint that were counted, where all of them were; 1 where not. */
function countedParts({ paints }: Frame): number {
  const isCounted =
    paints.length > 0 && paints.every(({ parts, isAmount }) => parts !== undefined && !isAmount);
  return isCounted ? paints.reduce((sum, { parts = 0 }) => sum + parts, 0) || 1 : 1;
}

const wordSpan = ({ paints, marks }: Frame) => {
  const span = paints[0]?.span ?? marks[0];
  return span ? { from: span.from, to: span.to } : { from: 0, to: 0 };
};

const kindsOf = ({ parts }: Said, { names }: Beside): ReadonlySet<string> =>
  new Set(
    parts.flatMap((part) => ('potId' in part ? (names.shelf.get(part.potId)?.kind ?? []) : [])),
  );

/** “More thinned than before”: half as much again, and at least a part more. */
function thinnerThan({ above }: Beside): Pick<Said, 'water'> {
  const before = above.at(-1)?.mix.waterParts ?? 0.5;
  return { water: Math.min(mostThinner, Math.max(before + 1, Math.round(before * 15) / 10)) };
}

/** As much as is usual for how it is put on. */
function usualThinner({ technique }: Said): number {
  const { waterParts, mediumParts } = techniqueOf(technique ?? 'layer').usualThinning;
  return Math.max(0.5, waterParts + mediumParts);
}

/** Whether anything else says that it is thinned. */
const isSaidThin = ({ water, waterSaid, mediumSaid, medium, word }: Frame): boolean =>
  water !== undefined ||
  medium !== undefined ||
  waterSaid === true ||
  mediumSaid === true ||
  /wash/u.test(word ?? '');

/** A ratio as it may have been meant. @param to parts of thinner to 1 of paint */
function thinnerAnswers(to: number): { label: string; by: string }[] {
  const figure = Math.round(to * 100) / 100;
  return ['water', 'medium'].map((thinner) => ({
    label: `${figure} ${thinner} to 1 paint`,
    by: `1 paint : ${figure} ${thinner}`,
  }));
}

/** How far a ratio says that paint is thinned; nothing where it is not of that. */
function ofRatio(
  { parts, thinner, isThinnerFirst, span }: RatioSaid,
  frame: Frame,
  isTinting: boolean,
  kinds: ReadonlySet<string>,
): Pick<Said, 'water' | 'medium'> | null {
  if (parts.length !== 2 || !(parts[0] > 0 && parts[1] > 0)) return null;
  const of = thinner ?? (frame.mediumSaid || frame.medium !== undefined ? 'medium' : 'water');
  const [one, other] = parts;
  // “Red 8:1”: of what, nobody said.
  const isUnclear = thinner === undefined && one > other && !isTinting && !isSaidThin(frame);
  const isInk = kinds.has('ink') && of === 'water' && one > other && !isTinting;
  if (isUnclear)
    frame.marks.push({
      ...span,
      message: `of what? say “1 paint : ${one / other} water”, or the pots`,
      answers: thinnerAnswers(one / other),
      isOfRatio: true,
    });
  if (isInk)
    frame.marks.push({
      ...span,
      message: 'which of them is the water? say “1 paint : 2 water”',
      answers: [
        ...thinnerAnswers(one / other).slice(0, 1),
        ...thinnerAnswers(other / one).slice(0, 1),
      ],
      isOfRatio: true,
    });
  // A glaze of ten parts of paint to one of water would be no glaze, so the larger figure is water.
  const isWayRound =
    one > other &&
    (isTinting || thinner !== undefined || isThinnerFirst === true || frame.water !== undefined);
  const each = isThinnerFirst || isWayRound || one > other ? one / other : other / one;
  if (one > other && !isInk)
    frame.rough.push({ ...span, means: `read as 1 paint : ${Math.round(each * 10) / 10} ${of}` });
  return { [of]: Math.min(mostThinner, each) };
}
