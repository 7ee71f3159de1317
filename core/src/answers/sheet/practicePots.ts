import { randomFrom } from '../../written/record/randomFrom';
import type { PracticePot } from './practiceSheet';
import { fieldCount } from './sheetLayout';

/**
 * Made-up pots for every field of a sheet, the same for the same seed; a quarter of them thin as
 * washes and inks are.
 *
 * @param empty the share of fields that are left empty, 0 to 1
 */
export function practicePots(seed: number, empty: number): (PracticePot | null)[] {
  const random = randomFrom(seed * 7 + 1);
  const channel = () =>
    Math.floor(25 + 215 * random())
      .toString(16)
      .padStart(2, '0');
  return Array.from({ length: fieldCount }, () => {
    const isEmpty = random() < empty;
    const swatch = `#${channel()}${channel()}${channel()}`;
    const hiding = 0.08 + 0.88 * random();
    const isThin = random() < 0.25;
    if (isEmpty) return null;
    return isThin
      ? { swatch, hiding: hiding / 2, swatchShows: 'one coat over white' as const }
      : { swatch, hiding };
  });
}
