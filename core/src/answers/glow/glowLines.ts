import type { SurfaceColour } from '../../light/colour/surfaceColour';
import type { TableMix } from '../match/mixTable';
import type { AimSide } from '../../written/place/aim';
import type { MixPart } from '../../written/mix/mix';
import type { Step } from '../../written/recipe/step';

/** Looks up the mix that comes nearest to a colour; null where there is no paint. */
export type LookUp = (target: SurfaceColour) => TableMix | null;

/** Places of a surface that turn so near to the light, as its lines are aimed at them. */
export interface GlowBand {
  /** degrees from the side the light is on */
  within: number;
  /** share of what comes straight in that is left there */
  share: number;
}

/** Broad and weak first, small and bright last. */
export const bands = {
  weak: { within: 80, share: 0.4 },
  half: { within: 55, share: 0.75 },
  hot: { within: 30, share: 1 },
} as const satisfies Record<string, GlowBand>;

/** The wanted look of a line of the glow, and where on the tone axis it begins. */
export interface GlowLine {
  band: GlowBand;
  from: number;
  softness: number;
  target: SurfaceColour;
}

const drying = 15;

/** A line that covers, in the mix that comes nearest. Null where there is no paint at hand. */
export function coveringLine(
  id: string,
  { band, from, softness, target }: GlowLine,
  side: AimSide,
  lookUp: LookUp,
): Step | null {
  const mix = lookUp(target);
  if (!mix) return null;
  return {
    id,
    stage: 'highlight',
    technique: 'layer',
    mix: { parts: mix.parts.map(fromPot), waterParts: 1, mediumParts: 0 },
    coats: 2,
    placement: {
      from,
      to: 1,
      softness,
      pull: 'even',
      aim: { facing: { side, within: band.within } },
    },
    dryMinutes: drying,
    level: 'field',
    note: '',
  };
}

/** A thin tint in the mix that comes nearest, to lead up to what covers. */
export function tintingLine(
  id: string,
  line: GlowLine,
  side: AimSide,
  lookUp: LookUp,
): Step | null {
  const covering = coveringLine(id, line, side, lookUp);
  return (
    covering && {
      ...covering,
      stage: 'glaze',
      technique: 'placedGlaze',
      mix: { ...covering.mix, waterParts: 0, mediumParts: 4 },
      placement: { ...covering.placement, pull: 'up' },
    }
  );
}

const fromPot = ({ potId, parts }: { potId: string; parts: number }): MixPart => ({
  from: 'pot',
  potId,
  parts,
});
