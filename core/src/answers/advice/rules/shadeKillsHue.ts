import { filmOf } from '../../../predicted/buildUp/applyStep';
import { colourOfHex } from '../../../light/colour/colourOfHex';
import { hueApart } from '../../../light/colour/hueApart';
import { reflectanceFromHex } from '../../../light/colour/reflectanceFromHex';
import { surfaceColour, type SurfaceColour } from '../../../light/colour/surfaceColour';
import { filmOver } from '../../../light/optics/filmOver';
import { opticsOf, opticsOfPot } from '../../../predicted/paint/opticsOfPot';
import { transparentKinds, type Pot } from '../../../written/pot/pot';
import { isAtHand } from '../../../written/pot/stock';
import { knownColour } from '../../../predicted/paint/knownColour';
import { techniqueOf } from '../../../written/technique/techniques';
import { toneStops, type ToneStopName } from '../../../written/place/toneAxis';
import { potsOf, type AdviceContext, type PaintedLine } from '../adviceContext';
import type { Finding } from '../finding';
import type { Fix } from '../fixes/fix';
import { rule } from '../rule';

/** Yellows, from orange-yellow to lemon: degrees of CIELAB hue, and how strong one is. */
const yellow = { from: 62, to: 112, chroma: 38 };
/** A place is shaded from so much less L*. */
const darkenedFrom = 4;
/** Paint weaker than this in colour darkens by greying, unless it is a brown near black. */
const neutralUpTo = 14;
/** So much black in a yellow is felt. */
const blackFrom = 0.05;
const brownish = { from: 30, to: 95, chroma: 5 };
/** Greens, degrees: they are put over yellow and bone on purpose. */
const green = { from: 95, to: 200 };
const greenedFrom = 6;
/** Of the strength a good shade has at the same L*, so much is to be left. */
const leftFrom = 0.82;

/**
 * A shade dirties yellow, as anything black or grey does however thin it is: it takes the red of
 * the light with the rest. Judged against the same darkening by a clean shade.
 */
export const shadeKillsHue = rule(10, (context) => {
  // Skin has violet and blue-grey in its shade and is no yellow, however sallow.
  if (context.recipe.surface === 'skin') return [];
  return context.judged.flatMap((line): Finding[] => {
    const { stage } = line.step;
    if (line.meaning === null || stage === 'base' || stage === 'prime') return [];
    if (isAnotherThing(line)) return [];
    const own = knownColour(line.shares, line.paint, context.shelf);
    const isNeutral = isGreying(own) || isBlackened(line, context);
    const isGreen = !isNeutral && own.hue > green.from && own.hue < green.to;
    if (!isNeutral && !isGreen) return [];
    const shaded = shadedYellows(line, context.stop);
    if (isGreen) {
      const most = shaded.sort((one, other) => other.turned - one.turned)[0];
      return most && most.turned > greenedFrom ? [greened(line, most)] : [];
    }
    const worst = shaded
      .map((place) => ({ ...place, left: place.after.chroma / cleanlyShaded(place).chroma }))
      .sort((one, other) => one.left - other.left)[0];
    if (!worst || worst.left >= leftFrom) return [];
    const better = betterShade(line, worst.before, context);
    return [
      {
        stepId: line.step.id,
        sentence: `Dirties the yellow in the ${worst.place}: ${Math.round(worst.left * 100)} % of the strength a clean shade leaves. Shade it with brown, orange-brown, violet or sepia.`,
        figure: { value: worst.left, unit: 'of a clean shade’s strength' },
        fixes: better ? [shadeWith(better, line)] : [],
      },
    ];
  });
});

interface ShadedPlace {
  place: ToneStopName;
  before: SurfaceColour;
  after: SurfaceColour;
  /** degrees, above 0 towards green */
  turned: number;
}

function shadedYellows({ below, build }: PaintedLine, stop: AdviceContext['stop']): ShadedPlace[] {
  return toneStops
    .map(({ name: place }) => {
      const before = below[stop(place)];
      const after = build.surface[stop(place)];
      return { place, before, after, turned: hueApart(before.hue, after.hue) };
    })
    .filter(({ before, after }) => isYellow(before) && before.value - after.value >= darkenedFrom);
}

const greened = ({ step }: PaintedLine, { place, turned }: ShadedPlace): Finding => ({
  stepId: step.id,
  kind: 'note',
  sentence: `Turns the yellow of the ${place} ${Math.round(turned)}° towards green.`,
  figure: { value: turned, unit: '° towards green' },
  fixes: [],
});

const shadeWith = ({ id, name }: Pot, { written }: PaintedLine): Fix => ({
  label: `Shade with ${name}`,
  changes: [
    {
      do: 'replace',
      step: { ...written, mix: { ...written.mix, parts: [{ from: 'pot', potId: id, parts: 1 }] } },
    },
  ],
});

/** A transparent orange-brown, as painters shade yellow with. */
const cleanShade = opticsOfPot('#6b3812', 0.05);

/** The place darkened to the same L* by a clean shade. */
function cleanlyShaded({ before, after }: ShadedPlace): SurfaceColour {
  const ground = reflectanceFromHex(before.hex);
  let thin = 0;
  let thick = 8;
  let shade = before;
  for (let round = 0; round < 18; round++) {
    const film = (thin + thick) / 2;
    shade = surfaceColour(filmOver(ground, cleanShade, film));
    if (shade.value > after.value) thin = film;
    else thick = film;
  }
  return shade;
}

/** Black, or a grey: it darkens by greying. A brown near black does not. */
const isGreying = ({ chroma, hue }: Pick<SurfaceColour, 'chroma' | 'hue'>) =>
  chroma < neutralUpTo && !(chroma >= brownish.chroma && hue > brownish.from && hue < brownish.to);

/** A pupil, a rivet, a mark: painted over the yellow in a colour of its own, it is no shade. */
const isAnotherThing = ({ step }: PaintedLine): boolean =>
  techniqueOf(step.technique).covers === true &&
  (step.stage === 'detail' || step.placement.aim?.spot !== undefined);

/** A yellow with black or grey stirred in, to cover the shadow with. */
function isBlackened(line: PaintedLine, { shelf }: AdviceContext): boolean {
  const pots = potsOf(line, shelf).map(({ pot, share }) => ({
    colour: colourOfHex(pot.swatch),
    share,
  }));
  return (
    line.meaning !== 'tint' &&
    pots.some(({ colour }) => isYellow(colour)) &&
    pots.some(({ colour, share }) => isGreying(colour) && colour.value < 45 && share >= blackFrom)
  );
}

const isYellow = ({ hue, chroma }: SurfaceColour) =>
  hue >= yellow.from && hue <= yellow.to && chroma >= yellow.chroma;

/** The pot at hand that darkens as this line does, turns it towards brown and keeps most colour. */
function betterShade(
  line: PaintedLine,
  before: SurfaceColour,
  { shelf }: AdviceContext,
): Pot | null {
  const ground = reflectanceFromHex(before.hex);
  const { covers } = techniqueOf(line.step.technique);
  const thickness = filmOf(line.step) * line.step.coats;
  let best: { pot: Pot; kept: number } | null = null;
  for (const pot of shelf.values()) {
    const isFit = covers ? pot.kind === 'paint' : transparentKinds.includes(pot.kind);
    if (!isFit || !isAtHand(pot) || pot.finish === 'metallic') continue;
    if (colourOfHex(pot.swatch).value > before.value - 12) continue;
    const after = surfaceColour(filmOver(ground, opticsOf(pot), thickness));
    const turned = hueApart(before.hue, after.hue);
    if (before.value - after.value < darkenedFrom || turned > 2 || turned < -45) continue;
    const kept = after.chroma / Math.max(1, after.value);
    if (!best || kept > best.kept) best = { pot, kept };
  }
  return best?.pot ?? null;
}
