import { randomFrom } from '../written/record/randomFrom';

/** Figures by chance, the same for the same seed. */
export interface Chance {
  /** 0 up to 1 */
  share(): number;
  /** whether something of a probability happens */
  happens(probability: number): boolean;
  /** about a figure: within so large a share of it, the middle the likeliest */
  about(figure: number, within: number): number;
  oneOf<Value>(of: readonly Value[]): Value;
}

export function chanceFrom(seed: number): Chance {
  const share = randomFrom(seed);
  return {
    share,
    happens: (probability) => share() < probability,
    about: (figure, within) => figure * (1 + within * (share() + share() - 1)),
    oneOf: (of) => of[Math.floor(share() * of.length)],
  };
}
