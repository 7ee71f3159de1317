import {
  fieldCount,
  lookAtPicture,
  openSheet,
  PictureError,
  practiceSheet,
  refuseLarge,
  type FieldReading,
  type PracticeFault,
  type PracticePot,
} from '@yellow-ledger/core';
import { blobOf, pixelsOf } from './sheetPixels';

let readings = 0;

export const potSheetWork = {
  /**
   * Reads every field of a photographed sheet, and tells after each how many are read.
   *
   * @returns the fields; why it cannot be read, in a sentence; null where it was stopped
   */
  async readSheet(
    file: Blob,
    called: string,
    onField: (done: number) => void,
  ): Promise<FieldReading[] | { problem: string } | null> {
    const mine = ++readings;
    try {
      refuseLarge(file.size, called);
      const bytes = new Uint8Array(await file.arrayBuffer());
      const { type } = lookAtPicture(bytes, called);
      const read = openSheet(await pixelsOf(new Blob([bytes], { type }), called));
      const fields: FieldReading[] = [];
      while (fields.length < fieldCount) {
        fields.push(read(fields.length + 1));
        onField(fields.length);
        // Between two fields it can be told to stop.
        await new Promise((resume) => setTimeout(resume));
        if (mine !== readings) return null;
      }
      return fields;
    } catch (error) {
      if (error instanceof PictureError) return { problem: error.message };
      return { problem: `${called} could not be read from where it lies. Try it once more.` };
    }
  },

  stopReadingSheet(): void {
    readings++;
  },

  /** A picture of a sheet as a phone would take it, to try the reading with. */
  async practiceSheet(
    pots: readonly (PracticePot | null)[],
    faults: readonly PracticeFault[],
    seed: number,
  ): Promise<Blob> {
    return await blobOf(practiceSheet({ pots, faults, seed }));
  },
};
