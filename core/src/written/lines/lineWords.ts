import { aimWords } from '../place/aimWords';
import type { Placement } from '../place/placement';
import type { Shape } from '../place/shape';
import { nearestStop } from '../place/toneAxis';
import { aimOf } from '../recipe/aimOf';
import { rangeOfCoats } from '../recipe/includedSteps';
import type { FinishLevel, Step } from '../recipe/step';
import { techniqueOf } from '../technique/techniques';
import { toolWords } from '../technique/tool';

/** @example placeWords({ from: 0.5, to: 1 }) // → 'from mid up' */
export function placeWords({ from, to }: Pick<Placement, 'from' | 'to'>): string {
  const low = nearestStop(from).name;
  const high = nearestStop(to).name;
  if (from <= 0 && to >= 1) return 'everywhere';
  if (low === high) return `the ${low} only`;
  if (to >= 1) return `from ${low} up`;
  if (from <= 0) return `from ${high} down`;
  return `from ${low} to ${high}`;
}

/**
 * Where a line goes, as it is said to a painter.
 * @example whereWords(step, shape) // → 'from mid up, facing down within 75°; each coat smaller, the last from crown up'
 */
export function whereWords(step: Step, shape: Shape): string {
  const { placement } = step;
  const { ofCoats: _each, ...aim } = aimOf(step);
  const aimed = aimWords(aim, shape);
  const isOnlyAimed = aimed !== '' && placement.from <= 0 && placement.to >= 1;
  const place = isOnlyAimed ? aimed : [placeWords(placement), aimed].filter(Boolean).join(', ');
  return placement.last ? `${place}; each coat smaller, the last ${lastWords(placement)}` : place;
}

function lastWords({ from, to, last }: Placement): string {
  if (!last) return '';
  const { within, along, height } = last;
  const percent = (share: number) => `${Math.round(share * 100)} %`;
  return [
    (last.from !== from || last.to !== to) && placeWords(last),
    within !== undefined && `within ${Math.round(within)}°`,
    along && `at ${percent(along.from)} to ${percent(along.to)} along`,
    height && `at ${percent(height.from)} to ${percent(height.to)} of the height`,
  ]
    .filter(Boolean)
    .join(', ');
}

/** @example coatsInWords({ coats: 2, coatsUpTo: 3, … }, 'table') // → '2 to 3 coats, until even' */
export function coatsInWords(
  step: Pick<Step, 'technique' | 'coats' | 'coatsAt' | 'coatsUpTo'>,
  finishLevel: FinishLevel,
): string {
  const [least, most] = rangeOfCoats(step, finishLevel);
  const isPass = techniqueOf(step.technique).counts === 'pass';
  const many = isPass ? 'passes' : 'coats';
  if (least < most) return `${least} to ${most} ${many}, until even`;
  return least === 1 ? `1 ${isPass ? 'pass' : 'coat'}` : `${least} ${many}`;
}

/** @example densityWords(1.5) // → 'heavy' */
export function densityWords(density: number): string {
  if (density < 0.75) return 'faint';
  return density <= 1.25 ? 'usual' : 'heavy';
}

/** With what a line is put on and how heavily; nothing where nothing is said. */
export function howWords({ tool, density, technique }: Step): string {
  const isTouched = techniqueOf(technique).spreads === 'area' && density !== undefined;
  return [
    tool && toolWords(tool),
    isTouched && `${densityWords(density)}, ${Math.round(density * 100)} % of the usual`,
  ]
    .filter(Boolean)
    .join('; ');
}
