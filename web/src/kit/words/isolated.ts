/** Hebrew, Arabic and the scripts between them, and their presentation forms. */
const rightToLeft = /[\u0590-\u08ff\ufb1d-\ufdff\ufe70-\ufeff]/;

/**
 * A name within a sentence of ours. Where it is written from right to left it is wrapped in Unicode's
 * isolates, so that the ratio after it keeps its order.
 *
 * @source Unicode Standard Annex 9, explicit directional isolates
 */
export const isolated = (name: string): string =>
  rightToLeft.test(name) ? `\u2068${name}\u2069` : name;
