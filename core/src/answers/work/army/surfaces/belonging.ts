import type { SurfaceColour } from '../../../../light/colour/surfaceColour';
import type { UnitSurface } from '../army';
import { areNeighbours, attentionRank } from '../figure';

/** A painted surface as it is judged beside the others of its model. */
export interface JudgedSurface {
  surface: UnitSurface;
  /** at arm's length */
  reads: SurfaceColour;
  /** where light catches, in the middle, and in the shadow */
  light: SurfaceColour;
  mid: SurfaceColour;
  shadow: SurfaceColour;
  potIds: readonly string[];
}

/** A finding about surfaces that stand together on a model. */
export interface BelongingRemark {
  kind: 'not apart' | 'outshines' | 'warning stripe' | 'other light';
  /** the surfaces it is about */
  surfaceIds: string[];
  sentence: string;
  figure: { value: number; unit: string };
}

export interface Belonging {
  remarks: BelongingRemark[];
  /** pots in more than one surface, and in how many: a tint that ties them together */
  shared: { potId: string; surfaces: number }[];
  /** which way colours go towards the light, if they all go one way */
  light: 'warm' | 'cool' | 'none';
}

/** Neighbours nearer in L* than this run into one at arm's length, unless their hues hold them apart. */
export const apartFrom = 8;
/** ΔE in a* and b* that holds neighbours of one value apart. */
const hueHoldsApart = 30;
/** L* by which what should come later may outshine what should draw the eye first. */
const outshinesBy = 6;
/** Change of b* from the middle to the light that counts as a warm or cool light. */
const lightTurns = 3;

/**
 * Whether the surfaces of a model belong together: what ties them, and what would tear them apart
 * at arm's length. Limits are our own and on the safe side.
 */
export function belonging(surfaces: readonly JudgedSurface[]): Belonging {
  const seen = surfaces.filter(({ surface }) => !surface.isHidden);
  const pairs = seen.flatMap((one, i) =>
    seen
      .slice(i + 1)
      .flatMap((other) =>
        areNeighbours(one.surface, other.surface) ? [[one, other] as const] : [],
      ),
  );
  const turns = seen.map((each) => each.light.b - each.mid.b);
  return {
    remarks: [
      ...pairs.flatMap(([one, other]) => notApart(one, other)),
      ...pairs.flatMap(([one, other]) => warningStripe(one, other)),
      ...outshining(seen),
      ...otherLight(seen, turns),
    ],
    shared: sharedPots(seen),
    light:
      turns.every((turn) => turn >= -lightTurns) && turns.some((turn) => turn > lightTurns)
        ? 'warm'
        : turns.every((turn) => turn <= lightTurns) && turns.some((turn) => turn < -lightTurns)
          ? 'cool'
          : 'none',
  };
}

function notApart(one: JudgedSurface, other: JudgedSurface): BelongingRemark[] {
  const apart = Math.abs(one.reads.value - other.reads.value);
  const hues = Math.hypot(one.reads.a - other.reads.a, one.reads.b - other.reads.b);
  if (apart >= apartFrom || hues >= hueHoldsApart) return [];
  return [
    {
      kind: 'not apart',
      surfaceIds: [one.surface.id, other.surface.id],
      sentence: `${one.surface.name} and ${other.surface.name} touch and are near each other in value: seen in greys they run together.`,
      figure: { value: round(apart), unit: 'L* apart' },
    },
  ];
}

/** Light yellow beside near black, or red beside white: what signs and wasps use. */
function warningStripe(one: JudgedSurface, other: JudgedSurface): BelongingRemark[] {
  const found = [
    [one.reads, other.reads],
    [other.reads, one.reads],
  ].some(
    ([loud, plain]) =>
      (isYellow(loud) && plain.value < 22 && plain.chroma < 18) ||
      (isRed(loud) && plain.value > 85 && plain.chroma < 12),
  );
  if (!found) return [];
  const apart = Math.abs(one.reads.value - other.reads.value);
  return [
    {
      kind: 'warning stripe',
      surfaceIds: [one.surface.id, other.surface.id],
      sentence: `${one.surface.name} beside ${other.surface.name} reads as a warning stripe: ${round(apart)} L* apart and one of them loud. A tint between them, or a quieter colour, takes that away.`,
      figure: { value: round(apart), unit: 'L* apart' },
    },
  ];
}

const isYellow = ({ hue, chroma, value }: SurfaceColour) =>
  hue > 60 && hue < 112 && chroma > 45 && value > 55;
const isRed = ({ hue, chroma }: SurfaceColour) => (hue > 345 || hue < 48) && chroma > 45;

/** The brightest of what should draw the eye later, against the first that should. */
function outshining(seen: readonly JudgedSurface[]): BelongingRemark[] {
  const first = Math.min(...seen.map(({ surface }) => attentionRank(surface)));
  const leaders = seen.filter(({ surface }) => attentionRank(surface) === first);
  const leader = brightest(leaders);
  const rival = brightest(seen.filter(({ surface }) => attentionRank(surface) > first + 1));
  if (!leader || !rival || rival.reads.value - leader.reads.value < outshinesBy) return [];
  const by = round(rival.reads.value - leader.reads.value);
  return [
    {
      kind: 'outshines',
      surfaceIds: [rival.surface.id, leader.surface.id],
      sentence: `${rival.surface.name} is ${by} L* brighter at arm’s length than ${leader.surface.name}, which should draw the eye first.`,
      figure: { value: by, unit: 'L* brighter' },
    },
  ];
}

const brightest = (among: readonly JudgedSurface[]) =>
  among.reduce<JudgedSurface | undefined>(
    (best, each) => (best && best.reads.value >= each.reads.value ? best : each),
    undefined,
  );

/** A surface lit warmly among coolly lit ones, or the other way round. */
function otherLight(seen: readonly JudgedSurface[], turns: readonly number[]): BelongingRemark[] {
  const warm = seen.filter((_, i) => turns[i] > lightTurns);
  const cool = seen.filter((_, i) => turns[i] < -lightTurns);
  if (warm.length === 0 || cool.length === 0) return [];
  const [few, way, most] =
    warm.length < cool.length ? [warm, 'warm', 'cool'] : [cool, 'cool', 'warm'];
  const strongest = Math.max(...few.map((each) => Math.abs(each.light.b - each.mid.b)));
  return [
    {
      kind: 'other light',
      surfaceIds: few.map(({ surface }) => surface.id),
      sentence: `Two lights on one model: ${way} towards the light on ${few.map(({ surface }) => surface.name).join(', ')}, ${most} on the rest.`,
      figure: { value: round(strongest), unit: 'b* from middle to light' },
    },
  ];
}

function sharedPots(seen: readonly JudgedSurface[]): Belonging['shared'] {
  const counts = new Map<string, number>();
  for (const { potIds } of seen)
    for (const potId of new Set(potIds)) counts.set(potId, (counts.get(potId) ?? 0) + 1);
  return [...counts]
    .filter(([, surfaces]) => surfaces > 1)
    .map(([potId, surfaces]) => ({ potId, surfaces }))
    .sort((one, other) => other.surfaces - one.surfaces);
}

const round = (figure: number) => Math.round(figure);
