import { convertRgbToLrgb, parseHex } from 'culori/fn';
import { PictureError } from '../picture/lookAtPicture';
import type { Pixels } from '../picture/pixels';
import { darkBlobs, greysOf, type Blob } from './darkBlobs';
import { homographyOf, type Homography } from './homography';
import { boxOf, meanOf } from './readBox';
import { corners, cornerSquares, patches, type Place } from './sheetLayout';

/** Detail enough for the corners; what is read is read from the whole picture. */
const longest = 1300;
const mostCandidates = 14;
const mostTried = 60;
/** Darker than this share of the light around it: the usual one first, then for blurred pictures. */
const thresholds = [0.78, 0.88, 0.66] as const;
const leastLikeness = 0.9;

/** A sheet in a picture: from millimetres on it to pixels of the picture. */
export interface FoundSheet {
  toPicture: Homography;
  /** pixels to a millimetre, about */
  pixelsPerMm: number;
}

/**
 * Finds the sheet by its corners, whichever way up it lies.
 *
 * @throws PictureError with what is missing, in a sentence
 */
export function findSheet(picture: Pixels): FoundSheet {
  const greys = greysOf(picture, longest);
  const around = Math.round(Math.min(greys.width, greys.height) / 14);
  let most = 0;
  for (const darkBelow of thresholds) {
    const candidates = nested(darkBlobs(greys, around, darkBelow))
      .slice(0, mostCandidates)
      .map(({ x, y }) => ({ x: (x + 0.5) * greys.scale, y: (y + 0.5) * greys.scale }));
    most = Math.max(most, candidates.length);
    for (const places of quads(candidates).slice(0, mostTried)) {
      const found = upright(picture, places);
      if (found) return found;
    }
  }
  throw new PictureError(
    most < 4
      ? `No sheet is to be seen: ${most} of its 4 corner squares were found. Take the picture with the whole sheet in it, flat and sharp.`
      : 'What looks like corners belongs to no sheet of ours. Take the picture with the whole sheet in it, flat, and nothing over its upper strip.',
  );
}

/** Squares in squares: a ring with a blob in its middle, the largest first. */
function nested(blobs: readonly Blob[]): Blob[] {
  const [outer, , inner] = cornerSquares;
  const ringShare = 1 - (cornerSquares[1] / outer) ** 2;
  const wide = ({ left, right }: Blob) => right - left + 1;
  const high = ({ top, bottom }: Blob) => bottom - top + 1;
  const rings = blobs.filter((blob) => {
    const ratio = wide(blob) / high(blob);
    const filled = blob.area / (wide(blob) * high(blob));
    return ratio > 0.4 && ratio < 2.5 && filled > ringShare * 0.4 && filled < ringShare * 1.45;
  });
  const found = rings.flatMap((ring) => {
    const dot = blobs.find(
      (blob) =>
        blob !== ring &&
        Math.abs(blob.x - ring.x) < 0.14 * wide(ring) &&
        Math.abs(blob.y - ring.y) < 0.14 * high(ring) &&
        wide(blob) < 0.62 * wide(ring) &&
        high(blob) < 0.62 * high(ring) &&
        wide(blob) > (0.45 * inner * wide(ring)) / outer,
    );
    return dot ? [{ ...ring, x: (ring.x + dot.x) / 2, y: (ring.y + dot.y) / 2 }] : [];
  });
  return found.sort((one, other) => other.area - one.area);
}

/** Four of them that make a field, each in turn as the corners go round; the largest first. */
function quads(candidates: readonly Place[]): Place[][] {
  const found: { places: Place[]; area: number }[] = [];
  const count = candidates.length;
  for (let a = 0; a < count; a++)
    for (let b = a + 1; b < count; b++)
      for (let c = b + 1; c < count; c++)
        for (let d = c + 1; d < count; d++) {
          const places = around([candidates[a], candidates[b], candidates[c], candidates[d]]);
          const area = convexArea(places);
          if (area > 0) found.push({ places, area });
        }
  return found.sort((one, other) => other.area - one.area).map(({ places }) => places);
}

function around(places: Place[]): Place[] {
  const x = places.reduce((sum, each) => sum + each.x, 0) / 4;
  const y = places.reduce((sum, each) => sum + each.y, 0) / 4;
  const angle = (place: Place) => Math.atan2(place.y - y, place.x - x);
  return places.sort((one, other) => angle(one) - angle(other));
}

/** @returns 0 where a corner lies within the three others */
function convexArea(places: readonly Place[]): number {
  let area = 0;
  for (let i = 0; i < 4; i++) {
    const [one, two, three] = [places[i], places[(i + 1) % 4], places[(i + 2) % 4]];
    const turn = (two.x - one.x) * (three.y - two.y) - (two.y - one.y) * (three.x - two.x);
    if (turn <= 0) return 0;
    area += one.x * two.y - two.x * one.y;
  }
  return area / 2;
}

/** The way round in which the patches are where they belong; null where in none. */
function upright(picture: Pixels, places: readonly Place[]): FoundSheet | null {
  const turned = [0, 1, 2, 3].map((turn) => {
    const toPicture = homographyOf(
      corners,
      corners.map((_, index) => places[(index + turn) % 4]),
    );
    return { toPicture, likeness: likenessOf(picture, toPicture) };
  });
  const best = turned.reduce((one, other) => (other.likeness > one.likeness ? other : one));
  if (best.likeness < leastLikeness) return null;
  const [one, , other] = corners.map(best.toPicture);
  const [from, , to] = corners;
  const pixelsPerMm =
    Math.hypot(one.x - other.x, one.y - other.y) / Math.hypot(from.x - to.x, from.y - to.y);
  return { toPicture: best.toPicture, pixelsPerMm };
}

/** Correlation of what the patches should be with what is seen there, −1 to 1. */
function likenessOf(picture: Pixels, toPicture: Homography): number {
  const seen: number[] = [];
  const wanted: number[] = [];
  for (const patch of patches) {
    const mean = meanOf(picture, toPicture, boxOf(patch));
    if (!mean) return -1;
    const known = convertRgbToLrgb(parseHex(patch.hex) ?? { r: 0, g: 0, b: 0 });
    // In cube roots, as the eye has it: dark patches tell as much as light ones.
    seen.push(...mean.light.map(Math.cbrt));
    wanted.push(...[known.r, known.g, known.b].map(Math.cbrt));
  }
  return correlation(seen, wanted);
}

function correlation(one: readonly number[], other: readonly number[]): number {
  const mean = (list: readonly number[]) => list.reduce((sum, each) => sum + each, 0) / list.length;
  const [a, b] = [mean(one), mean(other)];
  let [both, ofOne, ofOther] = [0, 0, 0];
  one.forEach((each, i) => {
    both += (each - a) * (other[i] - b);
    ofOne += (each - a) ** 2;
    ofOther += (other[i] - b) ** 2;
  });
  return ofOne > 0 && ofOther > 0 ? both / Math.sqrt(ofOne * ofOther) : -1;
}
