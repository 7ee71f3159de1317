import { differenceWords } from '../../light/colour/differenceWords';
import { colourOfHex } from '../../light/colour/colourOfHex';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { opticsOf } from '../../predicted/paint/opticsOfPot';
import type { Optics } from '../../light/optics/optics';
import type { MixPart, Thinning } from '../../written/mix/mix';
import { mixedPaint, potOn, type Shelf } from '../../predicted/paint/mixedPaint';
import type { Step } from '../../written/recipe/step';
import { lightPot, paintsAtHand, shadePot, type ChosenPot } from './choosePots';
import type { Spot } from '../../written/place/shape';
import { addSpots } from './addSpots';
import { countableParts } from './countableParts';
import { nearestMix } from './nearestMix';
import { DraftLines } from './draftLines';
import type { ProgressionOptions } from './progressionOptions';
import { lightenChoices, schools, shadeChoices, type SchoolName } from './schools';
import type { Tones } from './tones';
import { tonalLadder, type LadderRung } from './tonalLadder';

/** A drafted recipe: its lines, its ground, and what had to be done otherwise than asked. */
export interface Progression {
  school: SchoolName;
  steps: Step[];
  groundPotId: string;
  /** what its lines are aimed at */
  spots: Spot[];
  notes: string[];
}

/** There is not a single paint to draft with. */
export class NothingToPaintWith extends Error {
  constructor() {
    super('There is no paint at hand to draft with: put one on the shelf first.');
    this.name = 'NothingToPaintWith';
  }
}

const darkestBy = -30;
const lightestBy = 34;

/**
 * Drafts whole lines in the manner of a school, from the painter's own shelf: L* steps as even as
 * whole parts allow, and coats that cover.
 *
 * @throws NothingToPaintWith when there is no paint at hand; UnknownPotError when the mid pot or
 *   the ground is not on the shelf
 */
export function buildProgression(options: ProgressionOptions, shelf: Shelf): Progression {
  potOn(shelf, options.groundPotId);
  const notes: string[] = [];
  const midParts = midOf(options, shelf, notes);
  const midTotal = midParts.reduce((sum, { parts }) => sum + parts, 0);
  const mid = mixedPaint(
    midParts.flatMap((part) =>
      part.from === 'pot' ? [{ potId: part.potId, share: part.parts / midTotal }] : [],
    ),
    shelf,
  );
  const midColour = surfaceColour(masstoneOf(mid));
  const dark = options.darks > 0 ? darkOf(options, midColour, shelf) : null;
  const light = options.lights > 0 ? lightOf(options, midColour, shelf) : null;
  tellWhatIsMissing(options, dark, light, notes);
  const tones: Tones = {
    midParts,
    midTotal,
    countable: (parts) => countableParts(parts, shelf),
    darkPot: dark?.pot ?? null,
    isWash: dark?.pot.kind === 'wash',
    lightPot: light?.pot ?? null,
    chain: chainOf(options, { dark, light, midParts }, shelf),
    darks: rungsTo(dark, mid, midColour, options.darks, darkestBy),
    lights: rungsTo(light, mid, midColour, options.lights, lightestBy),
    ...thinnings(options),
  };
  const way = schools[options.school];
  const lines = new DraftLines(options, shelf, way.groundFor(options, shelf));
  if (lines.groundPotId !== options.groundPotId)
    notes.push(
      `Primed with ${potOn(shelf, lines.groundPotId).name}: this way needs a pale ground.`,
    );
  way.write(tones, lines);
  const spots = options.form ? addSpots(tones, lines, options.form, shelf) : [];
  return {
    school: options.school,
    steps: lines.steps,
    groundPotId: lines.groundPotId,
    spots,
    notes: [...notes, ...lines.notes],
  };
}

/** The pot asked for, or the one the shelf has for it. @throws UnknownPotError */
const darkOf = (options: ProgressionOptions, mid: SurfaceColour, shelf: Shelf) =>
  options.darkPotId === undefined
    ? shadePot(mid, options.shadeWith, shelf)
    : { pot: potOn(shelf, options.darkPotId), isAsAsked: true };

const lightOf = (options: ProgressionOptions, mid: SurfaceColour, shelf: Shelf) =>
  options.lightPotId === undefined
    ? lightPot(mid, options.lightenWith, shelf)
    : { pot: potOn(shelf, options.lightPotId), isAsAsked: true };

/** The pots to go through, darkest first: those named, or dark, mid and light. */
function chainOf(
  { chain }: ProgressionOptions,
  ends: { dark: ChosenPot | null; light: ChosenPot | null; midParts: MixPart[] },
  shelf: Shelf,
): MixPart[][] {
  const alone = (potId: string): MixPart[] => [{ from: 'pot', potId, parts: 1 }];
  if (chain && chain.length > 1) return chain.map((potId) => alone(potOn(shelf, potId).id));
  return [
    ...(ends.dark && ends.dark.pot.kind !== 'wash' ? [alone(ends.dark.pot.id)] : []),
    ends.midParts,
    ...(ends.light ? [alone(ends.light.pot.id)] : []),
  ];
}

function midOf({ mid }: ProgressionOptions, shelf: Shelf, notes: string[]): MixPart[] {
  const paints = paintsAtHand(shelf);
  if (mid.from === 'pot') {
    const pot = potOn(shelf, mid.potId);
    return [{ from: 'pot', potId: pot.id, parts: 1 }];
  }
  const found = nearestMix(mid.hex, paints);
  if (!found) throw new NothingToPaintWith();
  if (found.error > 2)
    notes.push(`The nearest the shelf comes to ${mid.hex}: ${differenceWords(found.error)}.`);
  return found.parts;
}

function tellWhatIsMissing(
  options: ProgressionOptions,
  dark: ChosenPot | null,
  light: ChosenPot | null,
  notes: string[],
): void {
  if (options.darks > 0 && !dark)
    notes.push('The shelf has nothing to darken the mid tone with, so there are no darks.');
  if (options.lights > 0 && !light)
    notes.push('The shelf has nothing to lighten the mid tone with, so there are no lights.');
  if (dark && !dark.isAsAsked) notes.push(standsIn(shadeChoices[options.shadeWith], dark));
  if (light && !light.isAsAsked) notes.push(standsIn(lightenChoices[options.lightenWith], light));
}

/** @example standsIn('a warm brown', …) // → 'You do not have a warm brown: Peat Black is used instead.' */
const standsIn = (asked: string, { pot }: ChosenPot) =>
  `You do not have ${asked}: ${pot.name} is used instead.`;

function rungsTo(
  chosen: ChosenPot | null,
  mid: Optics,
  midColour: SurfaceColour,
  count: number,
  furthest: number,
): LadderRung[] {
  if (!chosen || chosen.pot.kind === 'wash') return [];
  const reach = furthest * Math.min(1, 0.4 + 0.3 * count);
  const isRoom = furthest < 0 ? midColour.value : 100 - midColour.value;
  if (isRoom < 3 || colourOfHex(chosen.pot.swatch).value === midColour.value) return [];
  return tonalLadder(mid, opticsOf(chosen.pot), count, reach);
}

function thinnings({ thinWith }: ProgressionOptions) {
  const thinned = (parts: number): Thinning => ({
    waterParts: thinWith === 'medium' ? 0 : thinWith === 'both' ? parts / 2 : parts,
    mediumParts: thinWith === 'water' ? 0 : thinWith === 'both' ? parts / 2 : parts,
  });
  return {
    layerThinning: thinned(0.5),
    glazeThinning: thinned(2),
    // Past three parts water alone lets the pigment go, so a filter always has medium in it.
    filterThinning:
      thinWith === 'water' ? { waterParts: 3, mediumParts: 1 } : { waterParts: 0, mediumParts: 4 },
  };
}
