import { z } from 'zod';

/** A stretch of reading after which whoever types is let in, ms. */
const stretchMs = 8;

/**
 * Reads the things of a list one by one. A thousand recipes take longer than a frame: in between,
 * the page may draw and take keys.
 *
 * @param onWrong told of what is wrong, which is then passed over; without it that is thrown
 * @throws z.ZodError
 */
export async function readList<Item>(
  list: unknown,
  schema: z.ZodType<Item>,
  onWrong?: (item: unknown, error: z.ZodError) => void,
): Promise<Item[]> {
  const items = z.array(z.unknown()).parse(list);
  const read: Item[] = [];
  let breath = performance.now();
  for (const item of items) {
    const checked = schema.safeParse(item);
    if (checked.success) read.push(checked.data);
    else if (onWrong) onWrong(item, checked.error);
    else throw checked.error;
    if (performance.now() - breath < stretchMs) continue;
    await new Promise((resolve) => setTimeout(resolve));
    breath = performance.now();
  }
  return read;
}
