import { surfaceColour } from '../colour/surfaceColour';
import type { Spectrum } from '../colour/spectrum';
import { aimKey, type Aim } from '../place/aim';
import { aimWeights } from '../place/aimWeights';
import { formField, type FormField } from '../place/formField';
import type { Shape, Spot } from '../place/shape';
import { ribbonStops } from '../place/toneAxis';
import { aimKeyOf, aimOf } from '../recipe/aimOf';
import { flattenMix } from '../recipe/flattenMix';
import { putOn, type Laid } from '../recipe/lift';
import { groundOf, mixedPaint, potOn, type Shelf } from '../recipe/mixedPaint';
import { paintedSteps } from '../recipe/paintedSteps';
import type { Recipe } from '../recipe/recipe';
import { shapeOf } from '../recipe/shapeOf';

/** A surface to be drawn on a form: its colour along the tone axis. */
export interface PaintedRibbon {
  stops: readonly number[];
  hexes: readonly string[];
  /** where lines are aimed: every way places of the form look, and what tells them apart */
  aimed?: AimedLooks;
}

export interface AimedLooks {
  aims: readonly Aim[];
  spots: readonly Spot[];
  /** how far each aim goes on, in quarters, and the colours there */
  looks: readonly { quarters: readonly number[]; hexes: readonly string[] }[];
}

/** Distinct combinations of aims that are worked out; what is rarer looks like the nearest of them. */
const mostLooks = 48;
const countedAt = 96;

/**
 * The finished surface of a recipe as it is drawn on a form: one ribbon for every combination of
 * aims that the form has, in quarters.
 *
 * @throws CarryError, UnknownPotError
 */
export function paintedForm(
  recipe: Recipe,
  shelf: Shelf,
  form = shapeOf(recipe).form,
): PaintedRibbon {
  const shape = { ...shapeOf(recipe), form };
  const steps = paintedSteps(recipe);
  const aims = new Map(steps.map((step) => [aimKeyOf(step), aimOf(step)]));
  aims.delete('');
  const keys = [...aims.keys()];
  const combinations =
    keys.length === 0 ? [[]] : combinationsOn(shape, [...aims.values()]).slice(0, mostLooks);
  const ground = groundOf(potOn(shelf, recipe.groundPotId));
  let groups: Group[] = [
    { laid: { surface: ribbonStops.map(() => ground), wet: null }, of: combinations },
  ];
  for (const step of steps) {
    const index = recipe.steps.findIndex(({ id }) => id === step.id);
    const paint = mixedPaint(flattenMix(step.mix, recipe.steps.slice(0, index)), shelf);
    const aim = keys.indexOf(aimKeyOf(step));
    groups = groups.flatMap((group) =>
      splitBy(group, aim).map(({ quarters, ...part }) => ({
        ...part,
        laid: putOn(part.laid, { ...step, weight: quarters / 4 }, paint, ribbonStops),
      })),
    );
  }
  const looks = groups.flatMap(({ laid, of }) => {
    const hexes = hexesOf(laid.surface);
    return of.map((quarters) => ({ quarters, hexes }));
  });
  const plain = looks.reduce((least, look) => (sumOf(look) < sumOf(least) ? look : least));
  const ribbon = { stops: ribbonStops, hexes: plain.hexes };
  if (keys.length === 0) return ribbon;
  return { ...ribbon, aimed: { aims: [...aims.values()], spots: shape.spots ?? [], looks } };
}

interface Group {
  laid: Laid;
  /** quarters of each aim */
  of: readonly (readonly number[])[];
}

const sumOf = ({ quarters }: { quarters: readonly number[] }) =>
  quarters.reduce((sum, each) => sum + each, 0);

const hexesOf = (surface: readonly Spectrum[]) =>
  surface.map((spectrum) => surfaceColour(spectrum).hex);

/** Combinations that a line treats differently go on apart from each other. */
function splitBy({ laid, of }: Group, aim: number): (Group & { quarters: number })[] {
  if (aim < 0) return [{ laid, of, quarters: 4 }];
  const parts = new Map<number, (readonly number[])[]>();
  for (const quarters of of)
    parts.set(quarters[aim], [...(parts.get(quarters[aim]) ?? []), quarters]);
  return [...parts].map(([quarters, those]) => ({ laid, of: those, quarters }));
}

/** How far each place of a form fulfils the aims, in quarters; the commonest combination first. */
function combinationsOn(shape: Shape, aims: readonly Aim[]): number[][] {
  const field = formField(shape, countedAt);
  const codes = codesOf(field, aims, shape.spots ?? []);
  const counts = new Map<number, number>();
  codes.forEach((code, place) => {
    if (field.inside[place % field.inside.length]) counts.set(code, (counts.get(code) ?? 0) + 1);
  });
  return [...counts]
    .sort(([, one], [, other]) => other - one)
    .map(([code]) => aims.map((_, i) => Math.floor(code / 5 ** i) % 5));
}

/** The combination of aims at each place, as a figure in base 5: in front, then behind. */
function codesOf(field: FormField, aims: readonly Aim[], spots: readonly Spot[]): Float64Array {
  const codes = new Float64Array(field.inside.length * 2);
  aims.forEach((aim, i) => {
    const weights = aimWeights(field, aim, spots);
    const unit = 5 ** i;
    for (let place = 0; place < codes.length; place++)
      codes[place] += unit * Math.round(weights[place] * 4);
  });
  return codes;
}

const looksKept = new WeakMap<FormField, { key: string; of: Uint8Array }>();

/** Which look each place of a field has: in front, then behind. */
export function lookOfPlaces(field: FormField, { aims, spots, looks }: AimedLooks): Uint8Array {
  const key = `${aims.map(aimKey).join()} ${JSON.stringify(spots)} ${looks.map(({ quarters }) => quarters.join('')).join()}`;
  const known = looksKept.get(field);
  if (known?.key === key) return known.of;
  const codes = codesOf(field, aims, spots);
  const lookOf = new Map<number, number>();
  const of = Uint8Array.from(codes, (code) => {
    const found = lookOf.get(code) ?? nearestLook(code, looks);
    lookOf.set(code, found);
    return found;
  });
  looksKept.set(field, { key, of });
  return of;
}

function nearestLook(code: number, looks: AimedLooks['looks']): number {
  let best = 0;
  let least = Infinity;
  looks.forEach(({ quarters }, look) => {
    const apart = quarters.reduce(
      (sum, each, i) => sum + Math.abs(each - (Math.floor(code / 5 ** i) % 5)),
      0,
    );
    if (apart >= least) return;
    least = apart;
    best = look;
  });
  return best;
}
