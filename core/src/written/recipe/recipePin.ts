import { z } from 'zod';
import { idSchema, wholeNumberWithin } from '../record/fields';

/** The recipe a surface is painted by, pinned to a version; null is the page as it is now. */
export const recipePinSchema = z.strictObject({
  recipeId: idSchema,
  version: z.union([wholeNumberWithin(1, 9999), z.null()]),
});

export type RecipePin = z.infer<typeof recipePinSchema>;

/** Equal for pins of the same recipe and version. */
export function pinKey(pin: RecipePin | null): string {
  return pin ? `${pin.recipeId} ${pin.version ?? 'now'}` : '';
}
