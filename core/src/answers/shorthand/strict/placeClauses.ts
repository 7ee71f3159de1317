import type { AimSide, Stretch } from '../../../written/place/aim';
import type { Placement } from '../../../written/place/placement';
import { toneStops, type ToneStopName } from '../../../written/place/toneAxis';
import { bands } from '../../../written/place/bands';
import { clause, figuresIn, marked, meantBy, set, type Clause, type Fact } from './clause';
import type { Item } from './items';
import type { Said } from '../said';

const stopsIn = (items: readonly Item[]): ToneStopName[] =>
  items.flatMap(({ kind, value }) => (kind === 'stop' ? [value as ToneStopName] : []));

const placeOfStop = (name: ToneStopName) => toneStops.find((stop) => stop.name === name)?.at ?? 0;

/** Stops from here down are said of everything below them too: “into the shadows”. */
const lowUpTo = 0.32;

/** The band of a stop named alone: a hollow with all below it, a raised stop with all above it. */
export const aroundStop = (name: ToneStopName): { from: number; to: number } => bandOfStop[name];

const bandOfStop: Record<ToneStopName, { from: number; to: number }> = {
  pit: bands.deepest,
  recess: bands.recess,
  shadow: bands.shadow,
  mid: bands.mid,
  raised: bands.raised,
  crown: bands.crown,
  edge: bands.edge,
  point: bands.tip,
};

/** “Shadows and recesses”: what either covers, where nothing lies between them. */
function both(names: readonly ToneStopName[]): Fact[] {
  const places = names.map((name) => toneStops.findIndex((stop) => stop.name === name));
  if (Math.abs(places[0] - places[1]) > 1) return marked('two places apart: a line for each');
  const [one, other] = names.map(aroundStop);
  return between(Math.min(one.from, other.from), Math.max(one.to, other.to));
}

/** Everything above what is left as it is; what lies high is left for no line of ours to say. */
function without(name: ToneStopName): Fact[] {
  const index = toneStops.findIndex((stop) => stop.name === name);
  if (toneStops[index].at > lowUpTo) return marked('say where it goes instead');
  return between(toneStops[index + 1].at, 1);
}

const isOnAxis = (...figures: number[]) => figures.every((each) => each >= 0 && each <= 1);

function between(from: number, to: number): Fact[] {
  return from <= to
    ? set({ tone: { from, to } })
    : marked('the lower end first: from shadow to raised');
}

function axis(
  items: readonly Item[],
  said: (ends: { from: number; to: number }) => Fact[],
): Fact[] {
  const [from, to] = figuresIn(items);
  if (!isOnAxis(from, to)) return marked('from 0 to 1');
  return from <= to ? said({ from, to }) : marked('the lower end first');
}

const usualSoftness = 0.1;

/** A stretch along or at a height, with how soft its ends are. */
function stretch(items: readonly Item[], said: (stretch: Stretch) => Fact[]): Fact[] {
  const [, , softness = usualSoftness] = figuresIn(items);
  if (!(softness >= 0 && softness <= 0.5)) return marked('a softness from 0 to 0.5');
  return axis(items, (ends) => said({ ...ends, softness }));
}

/** Places that face a side, where it was not said how nearly; our own starting point. */
const usualWithin = 75;
const isAngle = (degrees: number) => degrees >= 0 && degrees <= 180;

/** “each coat smaller, the last 0.6 to 1 within 40° along 0.2 to 0.8”: where the last coat goes. */
function last(items: readonly Item[]): Fact[] {
  const figures = figuresIn(items);
  const said: NonNullable<Said['last']> = {};
  const has = (kind: Item['kind']) => items.some((item) => item.kind === kind);
  const ends = () => ({ from: figures.shift() ?? 0, to: figures.shift() ?? 1 });
  const [stop] = stopsIn(items);
  if (items.at(1)?.kind === 'number') Object.assign(said, ends());
  else if (stop)
    Object.assign(said, has('up') ? { from: placeOfStop(stop) } : { to: placeOfStop(stop) });
  if (has('within')) said.within = figures.shift() ?? usualWithin;
  if (has('along')) said.along = ends();
  if (has('height')) said.height = ends();
  const { from = 0, to = 1, within = 0, along, height } = said;
  const every = [
    from,
    to,
    ...[along, height].flatMap((each) => (each ? [each.from, each.to] : [])),
  ];
  if (!isOnAxis(...every)) return marked('from 0 to 1');
  return isAngle(within) ? set({ last: said }) : marked('0 to 180 degrees');
}

/** Where it goes. */
export const placeClauses: Clause[] = [
  clause('f?zu|e?uf?z', (items) => between(placeOfStop(stopsIn(items)[0]), 1)),
  clause('f?zd|e?df?z', (items) => between(0, placeOfStop(stopsIn(items)[0]))),
  clause('f?z[T-]z|fz&z', (items) => {
    const [from, to] = stopsIn(items).map(placeOfStop);
    return between(Math.min(from, to), Math.max(from, to));
  }),
  clause('Gz', (items) => set({ tone: aroundStop(stopsIn(items)[0]) })),
  clause('z&z', (items) => both(stopsIn(items))),
  clause('zy|yz', (items) => set({ tone: aroundStop(stopsIn(items)[0]) })),
  clause('z', ([item]) =>
    item.isPlaced
      ? set({ tone: aroundStop(item.value as ToneStopName) })
      : [{ bareStop: item.value as ToneStopName }],
  ),
  clause('!z[3y]?', (items) => without(stopsIn(items)[0])),
  clause('e', () => between(0, 1)),
  clause('OnTn', (items) => axis(items, (tone) => set({ tone }))),
  clause('S', (items) => set({ softness: meantBy<number>(items, 'softness') })),
  clause('Sn', (items) => {
    const [softness] = figuresIn(items);
    return softness >= 0 && softness <= 0.5
      ? set({ softness })
      : marked('a softness from 0 to 0.5');
  }),
  clause('L', (items) => set({ pull: meantBy<Placement['pull']>(items, 'pull') })),
  clause('y?g(?:inD?)?y?', (items) => {
    const [within = usualWithin] = figuresIn(items);
    if (!isAngle(within)) return marked('0 to 180 degrees');
    return set({ facing: { side: meantBy<AimSide>(items, 'side'), within } });
  }),
  clause('GnTn(?:Sn)?', (items) => stretch(items, (along) => set({ along }))),
  clause('EnTn(?:Sn)?', (items) => stretch(items, (height) => set({ height }))),
  clause('a', () => set({ anySide: true })),
  clause('Z', (items) => set({ spot: meantBy<string>(items, 'spot') })),
  clause('R(?:nTn|zu|zd)?(?:inD?)?(?:GnTn)?(?:EnTn)?', last),
];
