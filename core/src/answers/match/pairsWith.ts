import { colourOfHex } from '../../light/colour/colourOfHex';
import { hueApart } from '../../light/colour/hueApart';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { oppositeCost } from '../../light/optics/mixingOpposite';
import { mixOptics } from '../../light/optics/mixOptics';
import { opticsOf } from '../../predicted/paint/opticsOfPot';
import type { Pot } from '../../written/pot/pot';
import { isAtHand } from '../../written/pot/stock';
import type { Shelf } from '../../predicted/paint/mixedPaint';

/** Why a pot goes with another. */
export const pairReasons = [
  {
    name: 'opposite',
    tells: 'its opposite in paint: greys it evenly, shades it without blackening',
  },
  { name: 'darker', tells: 'a darker neighbour: the next shadow' },
  { name: 'lighter', tells: 'a lighter neighbour: the next light' },
  { name: 'warmth', tells: 'as light, but warm against cold: sets it off' },
  { name: 'grey', tells: 'mixes with it to nearly grey' },
] as const;

export type PairReason = (typeof pairReasons)[number]['name'];

/** A pot that goes with another, with the colours on the way from one to the other. */
export interface Pair {
  reason: PairReason;
  potId: string;
  /** mixes of the two by parts 4:0, 3:1, 2:2, 1:3, 0:4 */
  ladder: SurfaceColour[];
  /** the figure behind the reason: degrees of hue, L*, or chroma of the greyest mix */
  figure: number;
}

const ofEachReason = 2;
/** Below this chroma a colour has no hue to speak of. */
const greyBelow = 6;
const neighbourHue = 45;
const neighbourValue = { least: 6, most: 30 };
/** Warm is towards orange, cold towards blue; degrees of CIELAB hue. */
const warmest = 60;

/**
 * Pots of the shelf that go with a pot, and why; from its hue and value. Suggestions to look at, not
 * rules: each comes with its ladder of mixes. Only paints and inks that are at hand, no metallics.
 *
 * @returns up to two for each reason, in the order of `pairReasons`
 */
export function pairsWith(pot: Pot, shelf: Shelf): Pair[] {
  const own = colourOfHex(pot.swatch);
  const optics = opticsOf(pot);
  const others = [...shelf.values()]
    .filter(
      (each) =>
        each.id !== pot.id &&
        (each.kind === 'paint' || each.kind === 'ink') &&
        each.hiding > 0 &&
        each.finish !== 'metallic' &&
        isAtHand(each),
    )
    .map((each) => ({ pot: each, colour: colourOfHex(each.swatch), ladder: ladderOf(pot, each) }));
  const judges: Record<PairReason, (other: (typeof others)[number]) => Judged> = {
    opposite: ({ pot: other, colour, ladder }) => {
      const cost = oppositeCost(optics, opticsOf(other));
      if (cost === null || colour.value > own.value + 5) return null;
      return { figure: Math.min(...ladder.slice(1, -1).map(({ chroma }) => chroma)), cost };
    },
    darker: ({ colour }) => neighbour(own.value - colour.value, colour),
    lighter: ({ colour }) => neighbour(colour.value - own.value, colour),
    warmth: ({ colour }) => {
      const isNear = Math.abs(colour.value - own.value) <= 8;
      const turned = warmthOf(own) * warmthOf(colour);
      if (isGrey(colour) || isGrey(own) || !isNear || turned > -0.15) return null;
      return {
        figure: Math.abs(hueApart(own.hue, colour.hue)),
        cost: Math.abs(colour.value - own.value),
      };
    },
    grey: ({ ladder, colour }) => {
      const least = Math.min(...ladder.slice(1, -1).map(({ chroma }) => chroma));
      return isGrey(own) || isGrey(colour) || least > greyBelow + 2
        ? null
        : { figure: least, cost: least };
    },
  };
  return pairReasons.flatMap(({ name }) =>
    others
      .flatMap((other) => {
        const judged = judges[name](other);
        return judged ? [{ other, ...judged }] : [];
      })
      .sort((one, two) => one.cost - two.cost)
      .slice(0, ofEachReason)
      .map(({ other, figure }): Pair => ({
        reason: name,
        potId: other.pot.id,
        ladder: other.ladder,
        figure,
      })),
  );

  function neighbour(step: number, colour: SurfaceColour): Judged {
    const { least, most } = neighbourValue;
    if (step < least || step > most) return null;
    const turn = isGrey(own) || isGrey(colour) ? 0 : Math.abs(hueApart(own.hue, colour.hue));
    if (turn > neighbourHue || isGrey(own) !== isGrey(colour)) return null;
    return { figure: step, cost: turn / 4 + Math.abs(step - 14) };
  }
}

/** The figure behind a reason and how well it fits, less being better; null where it does not. */
type Judged = { figure: number; cost: number } | null;

const isGrey = ({ chroma }: SurfaceColour) => chroma < greyBelow;

/** 1 for the warmest hue, −1 for the coldest. */
function warmthOf({ hue }: SurfaceColour): number {
  return Math.cos(((hue - warmest) * Math.PI) / 180);
}

function ladderOf(one: Pot, other: Pot): SurfaceColour[] {
  const first = opticsOf(one);
  const second = opticsOf(other);
  const rung = (a: number, b: number) =>
    mixOptics([
      ...(a > 0 ? [{ optics: first, parts: a }] : []),
      ...(b > 0 ? [{ optics: second, parts: b }] : []),
    ]);
  return [4, 3, 2, 1, 0].map((a) => surfaceColour(masstoneOf(rung(a, 4 - a))));
}
