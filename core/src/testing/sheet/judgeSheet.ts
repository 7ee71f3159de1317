import { surfaceColour } from '../../light/colour/surfaceColour';
import { flatSpectrum } from '../../light/colour/spectrum';
import { filmOver } from '../../light/optics/filmOver';
import { masstoneOf } from '../../light/optics/masstone';
import { hidingOf, opticsOf } from '../../predicted/paint/opticsOfPot';
import { apartOf } from '../../answers/sheet/potOfField';
import { practicePots } from '../../answers/sheet/practicePots';
import type { PracticeFault } from '../../answers/sheet/practicePhotograph';
import { practiceSheet, type PracticePot } from '../../answers/sheet/practiceSheet';
import { readSheet, type FieldReading } from '../../answers/sheet/readSheet';

/** So near counts as right: ΔE00 of the swatch, and hiding. */
export const rightWithin = { colour: 3, hiding: 0.06 } as const;

/** Whether a reading is what was brushed there: what it shows, and how well it hides. */
export function isRight({ is, pot: read }: FieldReading, pot: PracticePot | null): boolean {
  if (!pot) return is === 'empty';
  if (!read) return false;
  const optics = opticsOf(pot);
  const shown =
    read.swatchShows === 'thick and dry'
      ? masstoneOf(optics)
      : filmOver(flatSpectrum(1), optics, 1);
  const truth = { ...read, swatch: surfaceColour(shown).hex, hiding: hidingOf(optics, 1) };
  const { colour, hiding } = apartOf(read, truth);
  return colour <= rightWithin.colour && hiding <= rightWithin.hiding;
}

/** A practice picture with a fault, read, and each field held against what was brushed there. */
export function judgeSheet(faults: readonly PracticeFault[], seed: number, longest: number) {
  const pots = practicePots(seed, faults.includes('empty fields') ? 0.3 : 0.05);
  const picture = practiceSheet({ pots, faults, seed, longest });
  const started = performance.now();
  const fields = readSheet(picture);
  const ms = performance.now() - started;
  const judged = fields.map((field) => ({
    ...field,
    right: isRight(field, pots[field.number - 1]),
  }));
  return {
    ms,
    fields,
    found: judged.filter(({ is }) => is !== 'unread').length,
    right: judged.filter(({ right }) => right).length,
    unsure: judged.filter(({ is }) => is === 'unsure').length,
    /** said to be sure, and beyond what counts as right */
    wrong: judged.filter(({ is, right }) => !right && is !== 'unsure' && is !== 'unread'),
    empty: pots.flatMap((pot, index) => (pot === null ? [index + 1] : [])),
  };
}
