import { z } from 'zod';
import { potSchema } from '../paint/pot';
import { fieldErrors, sentenceOf } from '../record/fieldErrors';
import { potIdsOf, recipeSchema, type Recipe } from '../recipe/recipe';
import { potOn, type Shelf } from '../recipe/mixedPaint';

export const fileFormat = 'yellow-ledger';
/** Grows by one when an older reader could no longer read the file. */
export const fileVersion = 1;
/** Larger files are refused unread. */
export const largestFileBytes = 5_000_000;

/** Recipes together with every pot they draw from. */
export const ledgerFileSchema = z
  .strictObject({
    format: z.literal(fileFormat, { error: `"${fileFormat}"` }),
    version: z.literal(fileVersion, { error: `${fileVersion}` }),
    pots: z.array(potSchema, { error: 'a list of pots' }).max(2000, 'at most 2,000 pots'),
    recipes: z
      .array(recipeSchema, { error: 'a list of recipes' })
      .max(1000, 'at most 1,000 recipes'),
  })
  .superRefine(({ pots, recipes }, context) => {
    const known = new Set(pots.map(({ id }) => id));
    if (known.size < pots.length)
      context.addIssue({
        code: 'custom',
        path: ['pots'],
        message: 'pots that are each listed once',
      });
    recipes.forEach((recipe, index) => {
      const missing = potIdsOf(recipe).find((potId) => !known.has(potId));
      if (missing !== undefined)
        context.addIssue({
          code: 'custom',
          path: ['recipes', index],
          message: `a recipe whose pots are all in the file; ${missing} is not`,
        });
    });
  });

export type LedgerFile = z.infer<typeof ledgerFileSchema>;

/** The JSON Schema of a ledger file, as published under docs/format. */
export function ledgerFileJsonSchema(): object {
  return z.toJSONSchema(ledgerFileSchema, { target: 'draft-2020-12', io: 'input' });
}

/** A file that cannot be read, with the reason in a sentence. */
export class LedgerFileError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'LedgerFileError';
  }
}

/** @throws UnknownPotError when a recipe draws from a pot that is not on the shelf */
export function writeLedgerFile(recipes: readonly Recipe[], shelf: Shelf): LedgerFile {
  const potIds = new Set(recipes.flatMap(potIdsOf));
  return {
    format: fileFormat,
    version: fileVersion,
    pots: [...potIds].map((potId) => potOn(shelf, potId)),
    recipes: [...recipes],
  };
}

/**
 * @param text content of a file
 * @throws LedgerFileError for text that is cut off, no JSON, another format or a newer one, or that
 *   holds something no recipe or pot may hold
 */
export function readLedgerFile(text: string): LedgerFile {
  let content: unknown;
  try {
    content = JSON.parse(text);
  } catch {
    throw new LedgerFileError(
      'This file is no whole JSON: it may have been cut off on its way. Export it once more.',
    );
  }
  const head = z.object({ format: z.literal(fileFormat), version: z.number() }).safeParse(content);
  if (!head.success)
    throw new LedgerFileError(
      `This file is no ${fileFormat} file: it should begin with "format": "${fileFormat}" and a version.`,
    );
  if (head.data.version > fileVersion)
    throw new LedgerFileError(
      `This file has format ${head.data.version}, and this Yellow Ledger reads up to ${fileVersion}. Update it, or export the file in the older format.`,
    );
  const file = ledgerFileSchema.safeParse(content);
  if (file.success) return file.data;
  const errors = fieldErrors(file.error, content);
  const more = errors.length > 3 ? ` (and ${errors.length - 3} more)` : '';
  throw new LedgerFileError(errors.slice(0, 3).map(sentenceOf).join(' ') + more);
}
