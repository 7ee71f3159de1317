import { sideWords, type Aim, type Stretch } from './aim';
import { forms } from './forms';
import type { Shape } from './shape';

const percent = (share: number) => `${Math.round(share * 100)} %`;

/**
 * Names of the places an aim is for, in a word or two.
 * @example aspectName({ facing: { side: 'down', within: 75 } }, { form: 'limb' }) // → 'underside'
 */
export function aspectName(aim: Aim | null, shape: Shape): string {
  if (!aim) return 'elsewhere';
  const names = [
    aim.spot !== undefined && spotName(aim.spot, shape),
    aim.facing && sideWords(aim.facing.side).name,
    aim.along && stretchName(aim.along, forms[shape.form].ends ?? ['root', 'tip'], 'middle'),
    aim.height && stretchName(aim.height, ['low down', 'high up'], 'half-way up'),
    aim.rim && 'outline',
  ].filter((name) => typeof name === 'string');
  return names.join(', ');
}

/**
 * Names of several aims, each told from the others: what would be called the same says how near or
 * how far along as well.
 * @example aspectNames([left within 85, left within 50], shape) // → ['its left, 85°', 'its left, 50°']
 */
export function aspectNames(aims: readonly (Aim | null)[], shape: Shape): string[] {
  const names = aims.map((aim) => aspectName(aim, shape));
  return names.map((name, i) => {
    const isAlone = names.every((other, k) => k === i || other !== name);
    const more = isAlone ? [] : figuresOf(aims[i]);
    return [name, ...more].join(', ');
  });
}

function figuresOf(aim: Aim | null): string[] {
  if (!aim) return [];
  const stretch = ({ from, to }: Stretch) => {
    if (from <= 0) return `to ${percent(to)}`;
    return to >= 1 ? `from ${percent(from)}` : `${Math.round(from * 100)} to ${percent(to)}`;
  };
  return [
    aim.facing && `${Math.round(aim.facing.within)}°`,
    aim.along && stretch(aim.along),
    aim.height && stretch(aim.height),
  ].filter((each) => typeof each === 'string');
}

/** @example stretchName({ from: 0.6, to: 1, softness: 0 }, ['collar', 'hem'], 'middle') // → 'hem' */
function stretchName(
  { from, to }: Stretch,
  [low, high]: readonly [string, string],
  middle: string,
) {
  if (from <= 0 && to >= 1) return `${low} to ${high}`;
  if (to >= 1) return high;
  return from <= 0 ? low : middle;
}

const spotName = (id: string, { spots }: Shape) =>
  spots?.find((spot) => spot.id === id)?.name ?? 'a spot that is gone';

/**
 * The aim of a line, in a painter's words; nothing where it has none.
 * @example aimWords({ facing: { side: 'down', within: 75 } }, shape) // → 'facing down within 75°'
 */
export function aimWords(aim: Aim | undefined, shape: Shape): string {
  if (!aim) return '';
  const [root, tip] = forms[shape.form].ends ?? ['root', 'tip'];
  const { spot, facing, along, height, rim } = aim;
  return [
    spot !== undefined && `on ${spotName(spot, shape)}`,
    facing && `facing ${sideWords(facing.side).label} within ${Math.round(facing.within)}°`,
    along && `from ${root} to ${tip} at ${percent(along.from)} to ${percent(along.to)}`,
    height && `at ${percent(height.from)} to ${percent(height.to)} of the height`,
    rim && 'round the outline',
  ]
    .filter(Boolean)
    .join(', ');
}
