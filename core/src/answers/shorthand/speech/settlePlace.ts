import type { Placement } from '../../../written/place/placement';
import { bands, type Band } from '../../../written/place/bands';
import type { Beside, Said } from '../said';
import type { Frame } from './frame/frame';
import { without } from './frame/readPlaces';

type Placed = Pick<Said, 'tone' | 'facing' | 'spot' | 'last'>;

const everywhere: Band = { from: 0, to: 1 };
const usualWithin = 75;
/** How much higher a line begins that is on less than the one above; our own starting point. */
const rises = 0.16;
const highestStart = 0.92;
const round = (figure: number) => Math.round(figure * 100) / 100;

/** Where a line goes, from everything that was said of it; nothing where nothing was. */
export function settlePlace(frame: Frame, said: Said, beside: Beside): Placed {
  const before = beside.above.at(-1)?.placement;
  const isFirst = beside.above.length === 0;
  const tone = toneOf(frame, said, before, isFirst);
  const placed: Placed = {};
  if (tone) placed.tone = { from: round(tone.from), to: round(tone.to) };
  const side = sideOf(frame, tone !== null);
  if (side) placed.facing = { side, within: usualWithin };
  if (frame.spotId !== undefined) placed.spot = frame.spotId;
  if (!tone && !side && frame.spotId === undefined && isFirst && (said.coats ?? 0) > 0)
    placed.tone = everywhere;
  if (frame.shrinks && (said.coats ?? 1) > 1)
    placed.last = lastOf(placed.tone ?? { from: 0.5, to: 1 }, placed);
  return placed;
}

function toneOf(
  frame: Frame,
  said: Said,
  before: Placement | undefined,
  isFirst: boolean,
): Band | null {
  const { places, nots, shares, bottomShare, upTo } = frame;
  let tone: Band | null = null;
  const isMidFirst =
    isFirst && places.every(({ from, to }) => from === bands.mid.from && to === bands.mid.to);
  // A first coat called the mid tone is what lies under everything.
  if (places.length > 0) tone = isMidFirst ? everywhere : joined(places, said);
  else if (frame.fold) tone = foldOf(frame, said);
  else if (frame.collects.length > 0 && !frame.all) tone = joined(frame.collects, said);
  if (shares.length > 0) tone = { from: 1 - shares[0], to: 1 };
  if (bottomShare !== undefined) tone = { from: 0, to: bottomShare };
  if (frame.all && !tone) tone = everywhere;
  if (upTo !== undefined) {
    const from = tone && tone.from < upTo ? tone.from : 0;
    tone = { from, to: round(Math.max(0.05, upTo - 0.02)) };
  }
  if (frame.smaller && before && shares.length === 0) {
    const start = Math.min(
      highestStart,
      Math.max(before.from + rises, before.from < 0.3 ? 0.42 : 0),
    );
    if (!tone || tone.from < start)
      tone = { from: start, to: tone && tone.to > start ? tone.to : 1 };
  }
  if (frame.deeper && !tone)
    tone = { from: 0, to: before && before.to < 0.5 ? Math.max(0.1, before.to - 0.1) : 0.2 };
  if (nots.length > 0) tone = without(tone ?? everywhere, nots);
  if (frame.notSides.length > 0 && !tone) tone = everywhere;
  return tone;
}

/** “Shadows and recesses”: from the lowest to the highest, where they lie beside each other. */
function joined(places: readonly Band[], said: Said): Band {
  const isDark = said.stage === 'shade' || said.technique === 'recessWash';
  const list =
    isDark && places.some(({ from }) => from === 0)
      ? places.filter(({ from }) => from === 0)
      : places;
  const from = Math.min(...list.map((band) => band.from));
  const to = Math.max(...list.map((band) => band.to));
  const isApart = list.some((band) => band.from > 0.5) && list.some((band) => band.to < 0.5);
  // Two places far apart are not everything between them: the first is meant, the other noted.
  return isApart ? list[0] : { from, to };
}

/** Folds are hollows to a shade, and what stands up to a light. */
function foldOf({ fold, stage, technique }: Frame, said: Said): Band {
  const isShade =
    fold === 'in' ||
    stage === 'shade' ||
    said.technique === 'recessWash' ||
    technique === 'allOverWash';
  return isShade ? bands.recess : bands.raised;
}

function sideOf(frame: Frame, hasTone: boolean) {
  const strong = frame.sides.find(({ isWeak }) => !isWeak);
  if (strong) return strong.side;
  const [weak] = frame.sides;
  // “The top” beside a place of its own is of that place.
  return weak && !hasTone && frame.spotId === undefined ? weak.side : undefined;
}

/** Where the last of coats goes that are each smaller. */
function lastOf({ from, to }: Band, { facing }: Placed): NonNullable<Said['last']> {
  return {
    from: to >= 1 ? round(Math.min(highestStart, from + (1 - from) * 0.6)) : from,
    to: to >= 1 ? 1 : round(from + (to - from) * 0.4),
    ...(facing && { within: Math.round(facing.within / 2) }),
  };
}
