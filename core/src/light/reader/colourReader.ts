import type { Spectrum } from '../colour/spectrum';

/** The reason a colour reader cannot read. */
export class ReaderError extends Error {
  constructor(
    readonly code: 'not-calibrated' | 'not-touching',
    message: string,
  ) {
    super(message);
    this.name = 'ReaderError';
  }
}

/**
 * A device that tells the reflectance of a surface it is put on. The simulated one and a real one
 * are asked in the same way. `Surface` is what says what it stands on: a real device knows by
 * standing there, a simulated one has to be told.
 */
export interface ColourReader<Surface> {
  /** Reads its own white tile; has to be done before reading, and again as its lamp drifts. */
  calibrate: () => Promise<void>;
  /**
   * @returns reflectance, 38 bands
   * @throws ReaderError
   */
  read: (surface: Surface) => Promise<Spectrum>;
}

/** Several readings of one place, as one. */
export interface AveragedReading {
  reflectance: Spectrum;
  /** furthest single reading from the average, ΔE00: how steady the hand and the lamp were */
  spread: number;
}
