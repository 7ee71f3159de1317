import type { Army, Unit, UnitSurface } from '../work/army/army';
import { placesOf } from '../work/army/figure';
import { layersOn, onEachOther } from '../work/army/surfaces/layersOn';
import type { RecipeOf } from '../work/army/paintNeeded';
import { mixTable } from '../match/mixTable';
import type { AimSide } from '../../written/place/aim';
import { paintsAtHand } from '../drafting/choosePots';
import type { Shelf } from '../../predicted/paint/mixedPaint';
import type { Recipe } from '../../written/recipe/recipe';
import { formOf } from '../../written/recipe/shapeOf';
import { placePoints, towards } from './figureBody';
import { glowOnSurface, type GlowSchool, type PaintedGlow } from './glowOnSurface';
import { litAt, sideTowards, type LitPoint, type PointLight } from './pointLight';

/** Effect of a point light on one surface. */
export interface SurfaceGlow {
  surfaceId: string;
  name: string;
  /** why nothing is painted on it; null where something is */
  because: 'too far' | 'behind the body' | 'no recipe' | 'hidden' | 'itself' | null;
  /** where something is: the side the light is on, and how strong it is there */
  side?: AimSide;
  strength?: number;
  glow?: PaintedGlow;
}

/** How a light is painted, and where it comes from where that is no lamp. */
export interface HowLit {
  school?: GlowSchool;
  /** the shadows turned away from it go over to its opposite */
  hasShade?: boolean;
  /** the surface it is bounced off, which it does not light */
  offSurfaceId?: string;
}

/** A light worked out a surface at a time, so that it can be shown and stopped. */
export interface UnitGlow {
  surfaces: number;
  /** works out a surface, from 0 */
  look: (index: number) => SurfaceGlow;
}

/**
 * A light at a point of a figure or beside it, on every surface of a unit: what it reaches, and the
 * recipe that paints it there over what lies there.
 */
export function unitGlow(
  army: Pick<Army, 'scheme'>,
  unit: Unit,
  recipeOf: RecipeOf,
  shelf: Shelf,
  light: PointLight,
  { school, hasShade, offSurfaceId }: HowLit = {},
): UnitGlow {
  const lookUp = mixTable(paintsAtHand(shelf));
  return {
    surfaces: unit.surfaces.length,
    look: (index) => surfaceGlow(unit.surfaces[index]),
  };

  function surfaceGlow(surface: UnitSurface): SurfaceGlow {
    const named = { surfaceId: surface.id, name: surface.name };
    if (surface.id === offSurfaceId) return { ...named, because: 'itself' };
    if (surface.isHidden) return { ...named, because: 'hidden' };
    const layers = layersOn(army, unit, surface.id, recipeOf).map(({ recipe }) => recipe);
    if (layers.length === 0) return { ...named, because: 'no recipe' };
    const lit = lightOn(surface, light);
    if (lit.because !== null) return { ...named, because: lit.because };
    const side = sideTowards(lit.way);
    const laid = onEachOther([...layers, emptyGlow(unit, surface, layers[0], light)], shelf);
    const glow = glowOnSurface(
      laid.recipes[layers.length],
      laid.shelf,
      {
        side,
        strength: lit.strength,
        hex: light.hex,
        ...(hasShade && { hasShade }),
      },
      lookUp,
      school,
    );
    return { ...named, because: null, side, strength: lit.strength, glow };
  }
}

/**
 * The light on a surface: as strong as where it has most, from where most of it comes; where there
 * is none, why.
 */
function lightOn(surface: UnitSurface, light: PointLight): LitPoint {
  const points = placesOf(surface).flatMap((place) => placePoints[place]);
  const all = points.map((point) => litAt(point, light));
  const most = all.reduce((best, each) => (each.strength > best.strength ? each : best));
  // A surface in the way of one of its places is out of reach at another.
  if (most.strength === 0) return all.find(({ because }) => because === 'too far') ?? most;
  const sum = (axis: 0 | 1 | 2) =>
    all.reduce((total, { strength, way }) => total + strength * way[axis], 0);
  return { ...most, way: towards([0, 0, 0], [sum(0), sum(1), sum(2)]) };
}

/** The recipe of a glow on a surface, before it has lines. */
function emptyGlow(unit: Unit, surface: UnitSurface, below: Recipe, { hex }: PointLight): Recipe {
  return {
    surface: below.surface,
    form: surface.form ?? formOf(below),
    groundPotId: below.groundPotId,
    finishLevel: below.finishLevel,
    models: unit.models,
    archived: false,
    id: `glow-on-${surface.id}`,
    name: `Light ${hex} on ${surface.name}`.slice(0, 120),
    areaCm2: Math.max(0.1, Math.min(1000, Math.round(unit.areaCm2 * surface.share * 100) / 100)),
    steps: [],
    notes: '',
  };
}
