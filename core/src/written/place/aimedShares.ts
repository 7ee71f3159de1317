import { aimKey, type Aim } from './aim';
import { aimWeights } from './aimWeights';
import { formField } from './formField';
import { shapeKey, type Shape } from './shape';
import { countedAt, countedPlaces, toneSteps } from './toneCount';

const kept = new Map<string, readonly number[]>();
const mostKept = 400;

/**
 * How far the places of a tone fulfil an aim in the mean, 0–1: its share of their area, counting
 * those that get less of it by how much they get.
 */
export function aimedShares(shape: Shape, aim: Aim): readonly number[] {
  const key = `${shapeKey(shape)} ${aimKey(aim)}`;
  const known = kept.get(key);
  if (known) return known;
  if (kept.size >= mostKept) kept.clear();
  const shares = countShares(shape, aim);
  kept.set(key, shares);
  return shares;
}

function countShares(shape: Shape, aim: Aim): readonly number[] {
  const field = formField(shape, countedAt);
  const weights = aimWeights(field, aim, shape.spots);
  const aimed = new Float64Array(toneSteps + 1);
  const all = new Float64Array(toneSteps + 1);
  let whole = 0;
  for (const { place, toneStep, area } of countedPlaces(field)) {
    aimed[toneStep] += area * weights[place];
    all[toneStep] += area;
    whole += area * weights[place];
  }
  const mean = whole / all.reduce((total, each) => total + each, 0);
  return [...aimed].map((each, step) => (all[step] > 0 ? each / all[step] : mean));
}
