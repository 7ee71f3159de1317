import { kinds } from './catalogue';
import type { KindName } from './kind';

/** Another record that a record names. */
export interface Reference {
  /** what it can be of: a bench and an army may stand in one field */
  kinds: readonly KindName[];
  id: string;
  /** what beside it repeats something of that record, by field */
  repeated?: Readonly<Record<string, unknown>>;
}

/** The replacement of a reference: another identifier, or that with the fields that repeat the record. */
export type Renamed = string | { id: string; repeated: Readonly<Record<string, unknown>> };

/**
 * A record with what it names under other names.
 *
 * @param rename what to write instead
 * @returns the record itself where nothing changed
 * @example withReferences('recipes', recipe, ({ kinds, id }) => (kinds[0] === 'pots' ? 'p2' : id))
 */
export function withReferences<Content>(
  kind: KindName,
  content: Content,
  rename: (reference: Reference) => Renamed,
): Content {
  const { names, repeats = {} } = kinds[kind];

  function walk(value: unknown, at: string): unknown {
    if (Array.isArray(value)) return walkList(value, at);
    if (typeof value !== 'object' || value === null) return value;
    const before = value as Record<string, unknown>;
    let after = before;
    const change = (key: string, now: unknown) => {
      if (now === after[key]) return;
      if (after === before) after = { ...before };
      after[key] = now;
    };
    const settled = new Set<string>();
    for (const [key, field] of Object.entries(before)) {
      if (settled.has(key)) continue;
      const named = names[key] ?? names[`${at}.${key}`];
      if (!named || typeof field !== 'string') {
        change(key, walk(field, key));
        continue;
      }
      const repeating = repeats[`${at}.${key}`] ?? repeats[key] ?? [];
      const there = repeating.filter((each) => before[each] !== undefined);
      const repeated = Object.fromEntries(there.map((each) => [each, before[each]]));
      const now = rename({ kinds: named, id: field, ...(there.length > 0 && { repeated }) });
      change(key, typeof now === 'string' ? now : now.id);
      if (typeof now !== 'string')
        for (const each of there.filter((name) => name in now.repeated)) {
          settled.add(each);
          change(each, now.repeated[each]);
        }
    }
    return after;
  }

  function walkList(list: readonly unknown[], at: string): unknown {
    let after: unknown[] | null = null;
    list.forEach((item, index) => {
      const now = walk(item, at);
      if (now === item) return;
      after ??= [...list];
      after[index] = now;
    });
    return after ?? list;
  }

  return walk(content, '') as Content;
}

/** A reference to a record that its reader may not see: under another identifier, and repeating nothing. */
export const veiled = ({ repeated = {} }: Reference, opaqueId: string): Renamed => ({
  id: opaqueId,
  repeated: Object.fromEntries(Object.keys(repeated).map((field) => [field, 'private'])),
});

/** The references of a record, each once. */
export function referencesOf(kind: KindName, content: object): readonly Reference[] {
  const known = found.get(content);
  if (known) return known;
  const references = new Map<string, Reference>();
  withReferences(kind, content, (reference) => {
    references.set(`${reference.kinds.join(' ')} ${reference.id}`, reference);
    return reference.id;
  });
  const list = [...references.values()];
  found.set(content, list);
  return list;
}

/** By record, as it is kept: asked again for every list that shows it. */
const found = new WeakMap<object, readonly Reference[]>();
