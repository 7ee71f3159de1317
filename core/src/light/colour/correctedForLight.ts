import { convertLrgbToRgb, convertRgbToLrgb, formatHex, parseHex } from 'culori/fn';

/** A place in a picture that is known to be white, as paper is, or grey. */
export interface KnownPlace {
  /** as the picture shows it */
  hex: string;
  is: 'white' | 'grey';
}

/** White paper reflects this share of the light: the usual figure for uncoated office paper. */
const paperReflects = 0.88;
/** Brighter than this a channel of the picture is burnt out, 0–255. */
const burntFrom = 252;
/** Darker than this, as a share of the light, a place tells nothing about the light. */
const darkBelow = 0.02;
/** A channel this much weaker than the strongest is too weak to be corrected. */
const weakestChannel = 0.12;

/**
 * A colour out of a picture as it would look in daylight. White corrects cast and brightness, grey
 * the cast alone, as nobody knows how light that grey is.
 *
 * @param hex the colour as the picture shows it
 * @source the diagonal transform of J. von Kries, Die Gesichtsempfindungen (1905), per channel of
 *   linear light
 */
export function correctedForLight(hex: string, known: KnownPlace): string {
  const light = lightOf(hex);
  const there = lightOf(known.hex);
  const level = known.is === 'white' ? paperReflects : luminanceOf(there);
  const [r, g, b] = light.map((each, at) => (each * level) / Math.max(there[at], 1e-4));
  const fits = (each: number) => Math.min(1, each);
  return formatHex(convertLrgbToRgb({ r: fits(r), g: fits(g), b: fits(b) }));
}

/** Why a place cannot tell the light of a picture; null where it can. */
export function lightProblem({ hex, is }: KnownPlace): string | null {
  const there = lightOf(hex);
  const { r, g, b } = parseHex(hex) ?? black;
  if (Math.max(r, g, b) * 255 >= burntFrom)
    return `The ${is} place is burnt out in the picture. Take the picture a little darker.`;
  if (Math.min(...there) < weakestChannel * Math.max(...there))
    return `The light is too coloured to be corrected, or this place is not ${is}. Take the picture by daylight.`;
  if (luminanceOf(there) < darkBelow)
    return `The ${is} place is too dark in the picture to tell the light. Press on a lighter one.`;
  return null;
}

const black = { r: 0, g: 0, b: 0 };

function lightOf(hex: string): number[] {
  const { r, g, b } = convertRgbToLrgb(parseHex(hex) ?? black);
  return [r, g, b];
}

/** @source IEC 61966-2-1, the luminance weights of its primaries */
const luminanceOf = ([r, g, b]: number[]) => 0.2126 * r + 0.7152 * g + 0.0722 * b;
