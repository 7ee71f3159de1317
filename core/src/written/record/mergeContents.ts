import { isSameContent } from './sameContent';

/** The result of merging a record that was changed on two sides. */
export interface Merged<Content> {
  /** both sides' changes; theirs where both changed the same thing */
  merged: Content;
  /** the same with mine there */
  withMine: Content;
  /** whether both changed the same thing to something else */
  isContested: boolean;
}

type Side = 'mine' | 'theirs';

/**
 * Brings two changes of one record together, field by field. Things in lists are told by their
 * `id`; a list of things without is one thing. What one side took out and the other changed stays.
 *
 * @param base what both began from; null where there was nothing
 */
export function mergeContents<Content>(
  base: Content | null,
  mine: Content,
  theirs: Content,
): Merged<Content> {
  let isContested = false;
  const merge = (was: unknown, my: unknown, their: unknown, prefer: Side): unknown => {
    if (isSameContent(my, their) || isSameContent(their, was)) return my;
    if (isSameContent(my, was)) return their;
    if (isRecord(my) && isRecord(their)) {
      const from = isRecord(was) ? was : {};
      const keys = new Set([...Object.keys(their), ...Object.keys(my)]);
      const merged = [...keys].map(
        (key) => [key, merge(from[key], my[key], their[key], prefer)] as const,
      );
      return Object.fromEntries(merged.filter(([, value]) => value !== undefined));
    }
    if (isListOfThings(my) && isListOfThings(their)) {
      const from = isListOfThings(was) ? was : [];
      const find = (list: readonly Thing[], id: string) => list.find((each) => each.id === id);
      const ids = new Set([...their, ...my].map(({ id }) => id));
      return [...ids]
        .map((id) => merge(find(from, id), find(my, id), find(their, id), prefer))
        .filter((thing) => thing !== undefined);
    }
    isContested = true;
    // Taken out by one and changed by the other: what is there is not thrown away.
    if (my === undefined || their === undefined) return my ?? their;
    return prefer === 'mine' ? my : their;
  };
  const merged = merge(base, mine, theirs, 'theirs') as Content;
  const withMine = merge(base, mine, theirs, 'mine') as Content;
  return { merged, withMine, isContested };
}

interface Thing {
  id: string;
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const isListOfThings = (value: unknown): value is Thing[] =>
  Array.isArray(value) && value.every((each) => isRecord(each) && typeof each.id === 'string');
