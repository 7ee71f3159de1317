import { surfaceColour } from '../../light/colour/surfaceColour';
import type { Spectrum } from '../../light/colour/spectrum';
import { aimKey, type Aim } from '../../written/place/aim';
import { aimWeights } from '../../written/place/aimWeights';
import { formField, type FormField } from '../../written/place/formField';
import type { Shape, Spot } from '../../written/place/shape';
import { ribbonStops } from '../../written/place/toneAxis';
import { aimKeyOf, aimOf } from '../../written/recipe/aimOf';
import { flattenMix } from '../../written/recipe/flattenMix';
import type { Deposit } from '../buildUp/applyStep';
import { depositsOf, putOn, type Laid } from '../buildUp/lift';
import { laidPaint } from '../paint/laidPaint';
import { groundOf, potOn, type Shelf } from '../paint/mixedPaint';
import { onGround } from '../ground/onGround';
import { paintedSteps, type PaintedStep } from '../../written/recipe/paintedSteps';
import type { Recipe } from '../../written/recipe/recipe';
import { shapeOf } from '../../written/recipe/shapeOf';

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

/**
 * Lines times combinations of aims that are worked out, so that long recipes are drawn as soon as
 * short ones; what is rarer looks like the nearest of them.
 */
const mostWork = 1600;
const mostLooks = 120;
const looksFor = (lines: number) => Math.min(mostLooks, Math.ceil(mostWork / Math.max(1, lines)));
/** Together they are on so much of the form. */
const lookedAtFrom = 0.995;
const countedAt = 72;

/**
 * The finished surface of a recipe as it is drawn on a form: one ribbon for every combination of
 * aims that the form has, in quarters.
 *
 * @throws CarryError, UnknownPotError
 */
export function paintedForm(
  written: Recipe,
  shelf: Shelf,
  form = shapeOf(written).form,
): PaintedRibbon {
  const { recipe } = onGround(written, shelf);
  const shape = { ...shapeOf(recipe), form };
  const steps = paintedSteps(recipe);
  const aims = new Map(steps.map((step) => [aimKeyOf(step), aimOf(step)]));
  aims.delete('');
  const keys = [...aims.keys()];
  const combinations =
    keys.length === 0
      ? [everywhere]
      : combinationsOn(shape, [...aims.values()], looksFor(steps.length));
  const ground = groundOf(potOn(shelf, recipe.groundPotId));
  let groups: Group[] = [
    { laid: { surface: ribbonStops.map(() => ground), wet: null }, of: combinations },
  ];
  for (const step of steps) {
    const index = recipe.steps.findIndex(({ id }) => id === step.id);
    const paint = laidPaint(
      step.technique,
      flattenMix(step.mix, recipe.steps.slice(0, index)),
      shelf,
    );
    const aim = keys.indexOf(aimKeyOf(step));
    const lines = new Map<number, { line: PaintedStep; deposits: (Deposit | null)[] }>();
    const lineAt = (quarters: number) => {
      const known = lines.get(quarters);
      if (known) return known;
      const line = { ...step, weight: quarters / 4 };
      const made = { line, deposits: depositsOf(line, paint, ribbonStops) };
      lines.set(quarters, made);
      return made;
    };
    groups = groups.flatMap((group) =>
      splitBy(group, aim).map(({ quarters, laid, of }) => {
        const { line, deposits } = lineAt(quarters);
        // Combinations that no place looks up need not be painted.
        const wanted = deposits.map((deposit, stop) =>
          of.some(({ stops }) => stops.has(stop)) ? deposit : null,
        );
        return { of, laid: putOn(laid, line, paint, ribbonStops, wanted) };
      }),
    );
  }
  const looks = groups.flatMap(({ laid, of }) => {
    const hexes = hexesOf(laid.surface);
    return of.map(({ quarters }) => ({ quarters, hexes }));
  });
  const plain = looks.reduce((least, look) => (sumOf(look) < sumOf(least) ? look : least));
  const ribbon = { stops: ribbonStops, hexes: plain.hexes };
  if (keys.length === 0) return ribbon;
  return { ...ribbon, aimed: { aims: [...aims.values()], spots: shape.spots ?? [], looks } };
}

/** How far places fulfil each aim, in quarters, and between which stops their tones lie. */
interface Combination {
  quarters: readonly number[];
  stops: ReadonlySet<number>;
}

const everywhere: Combination = { quarters: [], stops: new Set(ribbonStops.keys()) };

interface Group {
  laid: Laid;
  of: readonly Combination[];
}

const sumOf = ({ quarters }: { quarters: readonly number[] }) =>
  quarters.reduce((sum, each) => sum + each, 0);

const hexesOf = (surface: readonly Spectrum[]) =>
  surface.map((spectrum) => surfaceColour(spectrum).hex);

/** Combinations that a line treats differently go on apart from each other. */
function splitBy({ laid, of }: Group, aim: number): (Group & { quarters: number })[] {
  if (aim < 0) return [{ laid, of, quarters: 4 }];
  const parts = new Map<number, Combination[]>();
  for (const each of of)
    parts.set(each.quarters[aim], [...(parts.get(each.quarters[aim]) ?? []), each]);
  return [...parts].map(([quarters, those]) => ({ laid, of: those, quarters }));
}

/** Combinations of aims that a form has, the commonest first; rare ones are left out. */
function combinationsOn(shape: Shape, aims: readonly Aim[], most: number): Combination[] {
  const field = formField(shape, countedAt);
  const cells = field.inside.length;
  const { ids, quarters } = combinationsIn(field, aims, shape.spots ?? []);
  const counted = quarters.map((each) => ({ quarters: each, count: 0, stops: new Set<number>() }));
  let all = 0;
  ids.forEach((id, place) => {
    if (!field.inside[place % cells]) return;
    all++;
    counted[id].count++;
    const above = ribbonStops.findIndex((stop) => stop >= field.tone[place % cells]);
    // A picture has more places than are counted here: a stop to spare at each end.
    for (let stop = above - 2; stop <= above + 1; stop++) counted[id].stops.add(stop);
  });
  let before = 0;
  return counted
    .sort((one, other) => other.count - one.count)
    .slice(0, most)
    .filter(({ count }) => {
      const isRare = before >= lookedAtFrom * all;
      before += count;
      return !isRare;
    });
}

/**
 * The combination of aims at each place.
 *
 * @returns `ids` one a place, in front, then behind; `quarters` of each aim by that
 */
function combinationsIn(field: FormField, aims: readonly Aim[], spots: readonly Spot[]) {
  const ids = new Uint32Array(field.inside.length * 2);
  let quarters: number[][] = [[]];
  for (const aim of aims) {
    const weights = aimWeights(field, aim, spots);
    const split = new Int32Array(quarters.length * 5).fill(-1);
    const next: number[][] = [];
    for (let place = 0; place < ids.length; place++) {
      const quarter = Math.round(weights[place] * 4);
      const into = ids[place] * 5 + quarter;
      if (split[into] < 0) split[into] = next.push([...quarters[ids[place]], quarter]) - 1;
      ids[place] = split[into];
    }
    quarters = next;
  }
  return { ids, quarters };
}

const looksKept = new WeakMap<FormField, { key: string; of: Uint8Array }>();

/** Which look each place of a field has: in front, then behind. */
export function lookOfPlaces(field: FormField, { aims, spots, looks }: AimedLooks): Uint8Array {
  const key = `${aims.map(aimKey).join()} ${JSON.stringify(spots)} ${looks.map(({ quarters }) => quarters.join('')).join()}`;
  const known = looksKept.get(field);
  if (known?.key === key) return known.of;
  const { ids, quarters } = combinationsIn(field, aims, spots);
  const lookOf = quarters.map((each) => nearestLook(each, looks));
  const of = Uint8Array.from(ids, (id) => lookOf[id]);
  looksKept.set(field, { key, of });
  return of;
}

function nearestLook(here: readonly number[], looks: AimedLooks['looks']): number {
  let best = 0;
  let least = Infinity;
  looks.forEach(({ quarters }, look) => {
    const apart = quarters.reduce((sum, each, i) => sum + Math.abs(each - here[i]), 0);
    if (apart >= least) return;
    least = apart;
    best = look;
  });
  return best;
}
