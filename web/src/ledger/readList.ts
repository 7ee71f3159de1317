import { z } from 'zod';

/** A stretch of reading after which whoever types is let in, ms. */
const stretchMs = 8;

/**
 * Reads the things of a list one by one. A thousand recipes take longer than a frame: in between,
 * the page may draw and take keys.
 *
 * @throws z.ZodError
 */
export async function readList<Item>(list: unknown, schema: z.ZodType<Item>): Promise<Item[]> {
  const items = z.array(z.unknown()).parse(list);
  const read: Item[] = [];
  let breath = performance.now();
  for (const item of items) {
    read.push(schema.parse(item));
    if (performance.now() - breath < stretchMs) continue;
    await new Promise((resolve) => setTimeout(resolve));
    breath = performance.now();
  }
  return read;
}
