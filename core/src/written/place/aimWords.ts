import type { Aspect } from './aspects';
import { sideWords, type Aim, type Stretch } from './aim';
import { forms } from './forms';
import type { Shape } from './shape';

const percent = (share: number) => `${Math.round(share * 100)} %`;

/**
 * Names of the places an aim is for, in a word or two.
 * @example aimName({ facing: { side: 'down', within: 75 } }, { form: 'limb' }) // → 'underside'
 */
export function aimName(aim: Aim, shape: Shape): string {
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
 * Names of several aspects, no two alike: by the aims that hold there, and what would
 * be called the same says how near or how far along as well.
 * @example aspectNames([{ aims: [left within 85] }, { aims: [left within 50] }], shape) // → ['its left, 85°', 'its left, 50°']
 */
export function aspectNames(
  aspects: readonly Pick<Aspect, 'aims'>[],
  shape: Shape,
  ofRest = 'elsewhere',
): string[] {
  const nameOf = (aims: readonly Aim[]) =>
    aims.length === 0 ? ofRest : [...new Set(aims.map((aim) => aimName(aim, shape)))].join(' + ');
  const names = aspects.map(({ aims }) => nameOf(aims));
  return names.map((name, i) => {
    const isAlone = names.every((other, k) => k === i || other !== name);
    const more = isAlone ? [] : aspects[i].aims.flatMap(figuresOf);
    return [name, ...more].join(', ');
  });
}

function figuresOf(aim: Aim): string[] {
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
