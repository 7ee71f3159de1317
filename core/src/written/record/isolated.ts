/** Hebrew, Arabic and the scripts between them, and their presentation forms. */
const rightToLeft = /[\u0590-\u08ff\ufb1d-\ufdff\ufe70-\ufeff]/;
/** Signs that turn the order of what stands beside them. */
const turning = /[\u202a-\u202e\u2066-\u2069]/g;

/**
 * A name within a sentence of ours. Where it is written from right to left it is wrapped in Unicode's
 * isolates, so that the ratio after it keeps its order; signs in it that would turn that are left out.
 *
 * @source Unicode Standard Annex 9, explicit directional isolates
 */
export function isolated(name: string): string {
  const plain = unturned(name);
  return rightToLeft.test(plain) ? `\u2068${plain}\u2069` : plain;
}

/** A text without the signs that would turn what stands beside it round. */
const unturned = (text: string): string => text.replace(turning, '');
