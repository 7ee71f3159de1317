import type { Pot } from '../../written/pot/pot';
import type { Recipe } from '../../written/recipe/recipe';
import { potWith, recipeWith, stepWith } from '../sampleRecipe';

const kinds: [id: string, name: string, kind: Pot['kind']][] = [
  ['ochre', 'Ditch Ochre', 'paint'],
  ['umber', 'Fen Umber', 'paint'],
  ['bone', 'Old Bone', 'paint'],
  ['red', 'Barn Red', 'paint'],
  ['redshank', 'Redshank', 'paint'],
  ['violet', 'Dusk Violet', 'paint'],
  ['yellow', 'Oilskin Yellow', 'paint'],
  ['black', 'Peat Black', 'paint'],
  ['white', 'Chalk White', 'paint'],
  ['blue', 'Heron Blue', 'paint'],
  ['bluegrey', 'Heron Grey', 'paint'],
  ['green', 'Sedge Green', 'paint'],
  ['rust', 'Gate Rust', 'paint'],
  ['skin', 'Ferryman Skin', 'paint'],
  ['copper', 'Helm Copper', 'paint'],
  ['steel', 'Eel Steel', 'paint'],
  ['sepia', 'Sepia', 'wash'],
  ['bogwash', 'Bog Wash', 'wash'],
  ['plum', 'Plum Ink', 'ink'],
  ['primer', 'Lampsoot Primer', 'primer'],
  ['sand1', 'Dry Sand', 'paint'],
  ['sand2', 'Dry Sand', 'paint'],
  ['gull', 'Gull 2', 'paint'],
  ['edgegrey', 'Edge Grey', 'paint'],
  ['varnish', 'Reedmat Varnish', 'varnish'],
];

/** Pots as they stand on somebody's shelf: parts of names that are words too, two of one name. */
export const saidPots: Pot[] = kinds.map(([id, name, kind]) => potWith({ id, name, kind }));

/** Three lines above the one that is said. */
export const saidAbove: Recipe = recipeWith(
  [
    stepWith({
      id: 'one',
      mix: {
        parts: [
          { from: 'pot', potId: 'ochre', parts: 3 },
          { from: 'pot', potId: 'umber', parts: 1 },
        ],
        waterParts: 0.5,
        mediumParts: 0,
      },
      coats: 2,
    }),
    stepWith({
      id: 'two',
      stage: 'shade',
      technique: 'recessWash',
      mix: {
        parts: [{ from: 'pot', potId: 'sepia', parts: 1 }],
        waterParts: 0,
        mediumParts: 0,
      },
    }),
    stepWith({
      id: 'three',
      stage: 'layer',
      technique: 'layer',
      mix: {
        parts: [{ from: 'pot', potId: 'ochre', parts: 1 }],
        waterParts: 1,
        mediumParts: 0,
      },
      placement: { from: 0.5, to: 1, softness: 0.1, pull: 'up' },
    }),
  ],
  {
    groundPotId: 'primer',
    spots: [
      { id: 'cheeks', name: 'cheeks', share: 0.1 },
      { id: 'nose', name: 'tip of the nose', share: 0.05 },
    ],
  },
);
