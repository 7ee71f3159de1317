import { kinds } from './catalogue';
import type { KindName } from './kind';

/** Another record that a record names. */
export interface Reference {
  /** what it can be of: a bench and an army may stand in one field */
  kinds: readonly KindName[];
  id: string;
}

/**
 * A record with what it names under other names.
 *
 * @param rename the name to write instead
 * @returns the record itself where nothing changed
 * @example withReferences('recipes', recipe, ({ kinds, id }) => (kinds[0] === 'pots' ? 'p2' : id))
 */
export function withReferences<Content>(
  kind: KindName,
  content: Content,
  rename: (reference: Reference) => string,
): Content {
  const { names } = kinds[kind];
  const walk = (value: unknown, at: string): unknown => {
    if (Array.isArray(value)) return walkList(value, at);
    if (typeof value !== 'object' || value === null) return value;
    let changed: Record<string, unknown> | null = null;
    for (const [key, field] of Object.entries(value)) {
      const named = names[key] ?? names[`${at}.${key}`];
      const now =
        named && typeof field === 'string' ? rename({ kinds: named, id: field }) : walk(field, key);
      if (now === field) continue;
      changed ??= { ...(value as Record<string, unknown>) };
      changed[key] = now;
    }
    return changed ?? value;
  };
  const walkList = (list: readonly unknown[], at: string): unknown => {
    let changed: unknown[] | null = null;
    list.forEach((item, index) => {
      const now = walk(item, at);
      if (now === item) return;
      changed ??= [...list];
      changed[index] = now;
    });
    return changed ?? list;
  };
  return walk(content, '') as Content;
}

/** What a record names, each once. */
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

/** By record, as it is kept: asked again for every list it stands in. */
const found = new WeakMap<object, readonly Reference[]>();
