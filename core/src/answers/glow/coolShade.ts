import { colourOfHex } from '../../light/colour/colourOfHex';
import { colourOfLab } from '../../light/colour/colourOfLab';
import { reflectanceFromHex } from '../../light/colour/reflectanceFromHex';
import { reflectanceToXyz } from '../../light/colour/reflectanceToXyz';
import type { Spectrum } from '../../light/colour/spectrum';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { oppositeSide, type AimSide } from '../../written/place/aim';
import { stopNearest, type PlannedLine } from '../../predicted/coverage/bestCoats';
import type { LookUp } from './glowLines';

/** How far the shade goes over to the opposite of the light; our own, as far as glazes are pulled. */
const tinted = 0.35;
/** So much light is left in it. */
const left = 0.8;
/** Lightness at which the opposite of a light is taken, L*; how strong it is stays as it is. */
const oppositeValue = 60;
/** The shade is looked at in the shadows. */
const lookedAt = 0.32;

/** The colour opposite a light, of one lightness whatever that is. @example oppositeOf('#ffc66b') // a blue */
export function oppositeOf(hex: string): string {
  const { a, b } = colourOfHex(hex);
  return colourOfLab(oppositeValue, -a, -b).hex;
}

/**
 * The reflectance a surface needs to look as its shade does beside a coloured light: darker, and drawn
 * towards the opposite of the light, as an eye used to the light sees it.
 *
 * @param reflectance of the surface, 38 bands
 * @param hex colour of the light
 */
export function paintedInShade(reflectance: Spectrum, hex: string): Spectrum {
  const opposite = reflectanceFromHex(oppositeOf(hex));
  const { y } = reflectanceToXyz(opposite);
  return reflectance.map(
    (each, band) => each * left * (1 - tinted + (tinted * opposite[band]) / Math.max(0.05, y)),
  );
}

/**
 * One glaze in the shadows of what turns away from a light.
 *
 * @param ground what the surface reflects there, a stop of the ribbon each
 * @returns nothing where there is no paint at hand
 */
export function coolShade(
  ground: readonly Spectrum[],
  hex: string,
  side: AimSide,
  lookUp: LookUp,
): PlannedLine[] {
  const target = surfaceColour(paintedInShade(ground[stopNearest(lookedAt)], hex));
  const mix = lookUp(target);
  if (!mix) return [];
  return [
    {
      at: lookedAt,
      target,
      step: {
        id: 'shade',
        stage: 'glaze',
        technique: 'placedGlaze',
        mix: {
          parts: mix.parts.map(({ potId, parts }) => ({ from: 'pot', potId, parts })),
          waterParts: 0,
          mediumParts: 3,
        },
        coats: 1,
        placement: {
          from: 0,
          to: 0.6,
          softness: 0.2,
          pull: 'down',
          aim: { facing: { side: oppositeSide(side), within: 80 } },
        },
        dryMinutes: 15,
        level: 'field',
        note: '',
      },
    },
  ];
}
