import {
  filmOf,
  glazeRows,
  lookAtPicture,
  openGlazeCard,
  PictureError,
  practiceGlazes,
  refuseLarge,
  type GlazeRowReading,
  type PracticeFault,
  type PracticeGlaze,
  type Thinning,
} from '@yellow-ledger/core';
import { blobOf, pixelsOf } from './sheetPixels';

let readings = 0;

/** Films of neat paint that a pass of a glaze so thin is taken to leave. */
const assumedFilm = (thinning: Thinning) =>
  filmOf({ technique: 'placedGlaze', mix: { parts: [], ...thinning } });

export const glazeCardWork = {
  /**
   * Reads every row of a photographed glaze card, and tells after each how many are read.
   *
   * @returns the rows; why it cannot be read, in a sentence; null where it was stopped
   */
  async readGlazeCard(
    file: Blob,
    called: string,
    thinning: Thinning,
    onRow: (done: number) => void,
  ): Promise<GlazeRowReading[] | { problem: string } | null> {
    const mine = ++readings;
    try {
      refuseLarge(file.size, called);
      const bytes = new Uint8Array(await file.arrayBuffer());
      const { type } = lookAtPicture(bytes, called);
      const read = openGlazeCard(await pixelsOf(new Blob([bytes], { type }), called));
      const rows: GlazeRowReading[] = [];
      while (rows.length < glazeRows) {
        rows.push(read(rows.length + 1, assumedFilm(thinning)));
        onRow(rows.length);
        // Between two rows it can be told to stop.
        await new Promise((resume) => setTimeout(resume));
        if (mine !== readings) return null;
      }
      return rows;
    } catch (error) {
      if (error instanceof PictureError) return { problem: error.message };
      return { problem: `${called} could not be read. Try it once more.` };
    }
  },

  stopReadingGlazeCard(): void {
    readings++;
  },

  /** A picture of a glaze card as a phone would take it, to try the reading with. */
  practiceGlazeCard(
    glazes: readonly (PracticeGlaze['pot'] | null)[],
    thinning: Thinning,
    faults: readonly PracticeFault[],
    seed: number,
  ): Promise<Blob> {
    // A hand whose passes are a quarter thicker than what is assumed of anybody.
    const film = 1.25 * assumedFilm(thinning);
    return blobOf(
      practiceGlazes({ glazes: glazes.map((pot) => pot && { pot, film }), faults, seed }),
    );
  },
};
