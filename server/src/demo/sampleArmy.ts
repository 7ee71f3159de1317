import {
  dealVariants,
  sizeClasses,
  type Army,
  type Over,
  type Unit,
  type UnitSurface,
} from '@yellow-ledger/core';
import { samplePlans } from './samplePlans';

/** The Lanternfen Levy: seven units, 64 models, the watch in cloaks of four kinds. */

/** @param written surfaces by name, with kind and share and, where it is its own, the recipe */
function unit(
  id: string,
  name: string,
  models: number,
  size: Unit['size'],
  written: string[],
  parts: Record<string, number | null> = {},
): Unit {
  return {
    id,
    name,
    models,
    size,
    areaCm2: sizeClasses.find((each) => each.name === size)?.areaCm2 ?? 24,
    surfaces: written.map((text, index) => {
      const [surfaceName, said] = text.split(': ');
      const [surface, share, recipeId] = said.split(' ');
      return {
        id: `${id}-${index + 1}`,
        name: surfaceName,
        surface: surface as UnitSurface['surface'],
        share: Number(share),
        ...(recipeId && { recipe: { recipeId, version: null } }),
      };
    }),
    parts: Object.entries(parts).map(([partName, count], index) => ({
      id: `${id}-part-${index + 1}`,
      name: partName,
      count,
    })),
  };
}

const byKind = (surface: UnitSurface['surface'], recipeId: string) => ({
  surface,
  recipe: { recipeId, version: null },
});

const written: Army = {
  id: 'lanternfen-levy',
  name: 'Lanternfen Levy',
  scheme: [
    byKind('cloth', 'oilskin-shadow'),
    byKind('skin', 'weathered-skin'),
    byKind('metal', 'copper-helm'),
    byKind('glass', 'lantern-glass'),
  ],
  units: [
    unit(
      'dike-watch',
      'Dike Watch',
      20,
      'foot',
      [
        'Oiled coat: cloth 0.55',
        'Face and hands: skin 0.1',
        'Helm: metal 0.15',
        'Reed mantle: other 0.2 reed-cloak',
      ],
      { straps: 6, rivets: null, 'belt buckle': 1 },
    ),
    unit(
      'lantern-bearers',
      'Lantern Bearers',
      10,
      'foot',
      [
        'Oiled coat: cloth 0.5 oilskin-restored',
        'Face and hands: skin 0.1',
        'Lantern frame: metal 0.15',
        'Lantern panes: glass 0.25',
      ],
      { panes: 14, straps: 4 },
    ),
    unit(
      'reed-cutters',
      'Reed Cutters',
      12,
      'foot',
      [
        'Reed cloak: other 0.6 reed-cloak',
        'Face and arms: skin 0.25',
        'Sickle fittings: metal 0.15',
      ],
      { bundles: 3 },
    ),
    unit(
      'sluice-divers',
      'Sluice Divers',
      8,
      'large foot',
      ['Diving helm: metal 0.35', 'Diving dress: cloth 0.55', 'Hands: skin 0.1'],
      { 'helm bolts': 12, 'glass ports': 3 },
    ),
    unit(
      'heron-riders',
      'Heron Riders',
      6,
      'mounted',
      [
        'Oiled cape: cloth 0.3',
        'Face: skin 0.05',
        'Harness plates: metal 0.1',
        'Reed saddle: other 0.55 reed-cloak',
      ],
      { reins: 2, 'harness rings': 8 },
    ),
    unit(
      'ferry-crew',
      'Ferry Crew',
      7,
      'foot',
      ['Oiled smock: cloth 0.7', 'Face and arms: skin 0.3'],
      { 'pole bands': 5 },
    ),
    unit(
      'bog-lamp',
      'Bog Lamp',
      1,
      'beast',
      ['Great lantern: glass 0.35', 'Frame: metal 0.35', 'Covered shield: cloth 0.3'],
      { panes: 28 },
    ),
  ],
  notes: 'Painted for the winter muster.',
  plans: samplePlans,
};

const cloaks = ['reed-cloak-wet', 'reed-cloak-bleached', 'reed-cloak-mossy'];
const dealSeed = 4;

/** The watch with the cloaks it was dealt. */
function withCloaks(unit: Unit): Unit {
  if (unit.id !== 'dike-watch') return unit;
  const varied: Unit = {
    ...unit,
    surfaces: unit.surfaces.map((surface) =>
      surface.name === 'Reed mantle'
        ? { ...surface, variants: cloaks.map((recipeId) => ({ recipeId, version: null })) }
        : surface,
    ),
    dealSeed,
  };
  return { ...varied, own: dealVariants(written, varied, dealSeed) };
}

/** The effects over the surfaces of a unit, by the unit. */
const oversOf: Record<string, Over> = {
  'heron-riders': {
    id: 'heron-riders-dust',
    name: 'Reed dust',
    recipe: { recipeId: 'reed-dust', version: null },
    surfaces: 'all',
    isAssembled: true,
  },
  'lantern-bearers': {
    id: 'lantern-bearers-light',
    name: 'Lantern light',
    recipe: { recipeId: 'lantern-light', version: null },
    surfaces: ['lantern-bearers-1', 'lantern-bearers-2', 'lantern-bearers-3'],
  },
  'bog-lamp': {
    id: 'bog-lamp-sign',
    name: 'Boundary sign',
    recipe: { recipeId: 'boundary-sign', version: null },
    surfaces: ['bog-lamp-3'],
  },
};

const withOvers = (unit: Unit): Unit =>
  unit.id in oversOf ? { ...unit, overs: [oversOf[unit.id]] } : unit;

export const sampleArmy: Army = {
  ...written,
  units: written.units.map(withCloaks).map(withOvers),
};
