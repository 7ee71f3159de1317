import { z } from 'zod';

/** A field from a newer file that this ledger does not know, and where in its record it stood. */
const carriedFieldSchema = z.strictObject({
  /** names and list places from the record down; a listed thing with an `id` is named by it */
  at: z.array(z.string().max(200)).min(1).max(12),
  value: z.json(),
  /** minor version of the file it came in */
  since: z.int().min(0),
});

export type CarriedField = z.infer<typeof carriedFieldSchema>;

/**
 * Fields that came with a record from a file of a newer minor version. They are kept unread and go out
 * again in its place, so that a round trip through an older ledger loses nothing.
 */
export const carriedFields = z
  .array(carriedFieldSchema, { error: 'a list of fields' })
  .max(200, 'at most 200 fields')
  .optional()
  .describe('fields of a newer version, kept unread');

interface Unknown {
  path: readonly PropertyKey[];
  keys: readonly string[];
}

/**
 * Moves what a schema does not know into the record's `more`.
 *
 * @param record as read, not yet checked
 * @param since minor version of the file it came in
 * @returns the record as the schema will have it; what is wrong otherwise stays wrong
 */
export function withUnknownCarried(record: unknown, schema: z.ZodType, since: number): unknown {
  const checked = schema.safeParse(record);
  if (checked.success) return record;
  const unknown = checked.error.issues.flatMap((issue): Unknown[] =>
    issue.code === 'unrecognized_keys' ? [{ path: issue.path, keys: issue.keys }] : [],
  );
  if (unknown.length === 0) return record;
  const known = structuredClone(record);
  const more: CarriedField[] = [];
  for (const { path, keys } of unknown) {
    const holder = holderAt(known, path.map(String));
    if (!holder) continue;
    for (const key of keys) {
      more.push({
        at: [...namedPath(record, path.map(String)), key],
        value: holder[key] as CarriedField['value'],
        since,
      });
      delete holder[key];
    }
  }
  const before = (known as { more?: CarriedField[] }).more ?? [];
  return { ...(known as object), more: [...before, ...more] };
}

/** Puts what was carried back in its places. What stood on something since deleted is let go. */
export function withCarriedBack<Content extends { more?: CarriedField[] | undefined }>({
  more,
  ...content
}: Content): object {
  const whole = structuredClone(content);
  for (const { at, value } of more ?? []) {
    const holder = holderAt(whole, at.slice(0, -1));
    const key = at[at.length - 1];
    if (holder && isOwnName(key) && !(key in holder)) holder[key] = value;
  }
  return whole;
}

/**
 * A record with what it carried in its places, once this ledger knows all of it: what an older one
 * kept unread counts from then on.
 *
 * @returns the record as it is where something of it is not known yet, or is not right
 */
export function withKnownTakenIn<Content extends object>(
  content: Content,
  schema: z.ZodType<Content>,
): Content {
  const { more } = content as { more?: CarriedField[] };
  if (!more || more.length === 0) return content;
  const read = schema.safeParse(withCarriedBack(content));
  return read.success ? read.data : content;
}

/** The object at a path; listed things are found by their `id` first, then by their place. */
function holderAt(whole: unknown, path: readonly string[]): Record<string, unknown> | null {
  let at: unknown = whole;
  for (const name of path) {
    if (typeof at !== 'object' || at === null || !isOwnName(name)) return null;
    at = Array.isArray(at)
      ? (at.find((each) => idOf(each) === name) ?? at[Number(name)])
      : (at as Record<string, unknown>)[name];
  }
  return typeof at === 'object' && at !== null ? (at as Record<string, unknown>) : null;
}

/** Places in lists as the `id` of what stands there, which outlasts moving it. */
function namedPath(whole: unknown, path: readonly string[]): string[] {
  let at = whole;
  return path.map((name) => {
    const isListed = Array.isArray(at);
    at = (at as Record<string, unknown> | undefined)?.[name];
    return (isListed ? idOf(at) : null) ?? name;
  });
}

function idOf(thing: unknown): string | null {
  const id = (thing as { id?: unknown } | null | undefined)?.id;
  return typeof id === 'string' ? id : null;
}

/** A file must not reach what every object inherits. */
const isOwnName = (name: string) => name !== '__proto__' && name !== 'constructor';
