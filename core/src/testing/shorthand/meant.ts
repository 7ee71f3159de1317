import type { AimSide } from '../../written/place/aim';
import type { ToneStopName } from '../../written/place/toneAxis';
import type { FinishLevel, Stage } from '../../written/recipe/step';
import type { TechniqueName } from '../../written/technique/techniques';

/** The meaning of a painter's sentence, as far as it says so. */
export interface Meant {
  /** `3 ochre, 1 umber`: pots by identifier, `#2` for the mix of line 2 */
  mix?: string;
  /** water and medium to 1 part of paint */
  thin?: [water: number, medium: number];
  coats?: number;
  upTo?: number;
  technique?: TechniqueName;
  stage?: Stage;
  /** tone, by the names of stops; from 0 to 1 where it is everywhere */
  tone?: [ToneStopName, ToneStopName];
  softness?: [least: number, most: number];
  pull?: 'down' | 'even' | 'up';
  side?: AimSide;
  spot?: string;
  level?: FinishLevel;
  dry?: number;
  /** words that are to be asked about or marked: guessing at them would be wrong */
  asks?: string[];
}

export type Said = [sentence: string, meant: Meant];
