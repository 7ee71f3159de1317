import { isSameContent } from './sameContent';

/** A place where a record differs from what it was. */
export interface StateDifference {
  key: string;
  /** names of fields and identifiers of things, from the outside in; of an order of things, its list */
  at: readonly string[];
  /** undefined where there is nothing now */
  now: unknown;
  /** undefined where there was nothing then */
  then: unknown;
  /** the same things in another order */
  isOrder: boolean;
}

interface Thing {
  id: string;
}

type Choose = (difference: StateDifference) => boolean;

/**
 * Where a record differs from an earlier state of it, field by field; things in lists are told by
 * their `id`, and a list of things without one is one value.
 */
export function differencesFrom(now: object, then: object): StateDifference[] {
  const found: StateDifference[] = [];
  mixed(now, then, [], (difference) => {
    found.push(difference);
    return false;
  });
  return found;
}

/**
 * A record with some differences as they were.
 *
 * @param keys of differences between the two; with all of them it is the earlier state
 */
export function takenBack<Content extends object>(
  now: Content,
  then: Content,
  keys: ReadonlySet<string>,
): Content {
  return mixed(now, then, [], ({ key }) => keys.has(key)) as Content;
}

/** Both states made one, asking at each difference whether it is to be as it was. */
function mixed(now: unknown, then: unknown, at: readonly string[], choose: Choose): unknown {
  if (isSameContent(now, then)) return now;
  if (isRecord(now) && isRecord(then)) {
    const keys = new Set([...Object.keys(now), ...Object.keys(then)]);
    const fields = [...keys].map(
      (key) => [key, mixed(now[key], then[key], [...at, key], choose)] as const,
    );
    return Object.fromEntries(fields.filter(([, value]) => value !== undefined));
  }
  if (areThings(now) && areThings(then)) return mixedThings(now, then, at, choose);
  return choose({ key: keyOf(at), at, now, then, isOrder: false }) ? then : now;
}

function mixedThings(
  now: readonly Thing[],
  then: readonly Thing[],
  at: readonly string[],
  choose: Choose,
): Thing[] {
  const was = new Map(then.map((thing) => [thing.id, thing]));
  const is = new Map(now.map((thing) => [thing.id, thing]));
  const stays = new Map<string, Thing>();
  for (const id of new Set([...is.keys(), ...was.keys()])) {
    const thing = mixed(is.get(id), was.get(id), [...at, id], choose) as Thing | undefined;
    if (thing) stays.set(id, thing);
  }
  const common = (things: readonly Thing[]) =>
    things.flatMap(({ id }) => (is.has(id) && was.has(id) ? [id] : []));
  const hasMoved = !isSameContent(common(now), common(then));
  const isAsThen =
    hasMoved &&
    choose({ key: `${keyOf(at)}/`, at, now: common(now), then: common(then), isOrder: true });
  const [first, rest] = isAsThen ? [then, now] : [now, then];
  const order = first.map(({ id }) => id);
  // A thing that is only in the other list goes after the one it follows there.
  rest.forEach(({ id }, index) => {
    if (!order.includes(id)) order.splice(order.indexOf(rest[index - 1]?.id) + 1, 0, id);
  });
  return order.flatMap((id) => stays.get(id) ?? []);
}

const keyOf = (at: readonly string[]) => at.map(encodeURIComponent).join('/');

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const areThings = (value: unknown): value is Thing[] =>
  Array.isArray(value) &&
  value.every((each) => isRecord(each) && typeof each.id === 'string') &&
  new Set(value.map((each: Thing) => each.id)).size === value.length;
