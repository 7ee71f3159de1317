/** A range, both ends included. */
type Range = readonly [least: number, most: number];

/** A paint as its owner would put it down: how it looks dried at full strength unless said. */
export interface TruthPot {
  swatch: string;
  hiding: number;
  kind?: 'paint' | 'ink' | 'wash';
  /** of inks and washes: the swatch is one coat over white */
  isOverWhite?: true;
}

/** A painter's truth about thin paint, with the range in which the prediction has to be. */
export interface ThinTruth {
  /** in a painter's words */
  says: string;
  pot: TruthPot;
  /** colour of what it goes onto */
  on: string;
  technique: 'brushCoat' | 'layer' | 'placedGlaze' | 'filter';
  water?: number;
  medium?: number;
  coats: number;
  expected: {
    /** ΔE00 to what lay there before */
    change?: Range;
    /** L* of the result */
    value?: Range;
    /** C of the result */
    chroma?: Range;
    /** hue of the result, degrees; past 360 where it goes round */
    hue?: Range;
    /** ΔE00 to the paint dried at full strength */
    toPot?: Range;
  };
}
