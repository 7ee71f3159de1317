import type { AimSide } from '../../../../written/place/aim';
import type { Placement } from '../../../../written/place/placement';
import type { Pot } from '../../../../written/pot/pot';
import type { FinishLevel, Stage } from '../../../../written/recipe/step';
import type { TechniqueName } from '../../../../written/technique/techniques';
import type { Tool } from '../../../../written/technique/tool';
import type { Band } from '../../../../written/place/bands';
import type { Mark, Rough, Span } from '../../said';

/** A paint a line is mixed from, as it was said. */
export interface PaintSaid {
  /** pots it may be; the mix of a line above where empty */
  pots: readonly Pot[];
  /** number of the line above, counted from 1 */
  line?: number;
  parts?: number;
  /** of a hundred */
  percent?: number;
  /** so much of the whole, 0–1 */
  share?: number;
  /** a touch of it */
  isAmount?: true;
  /** the amount is a dot: of one paint alone it is how it is put on */
  isDot?: true;
  /** a whole line, and not its mix alone, where nothing is mixed with it */
  isWholeLine?: true;
  /** a part of its name, which several have */
  isWhole: boolean;
  span: Span;
}

/** Parts to each other, and what stands beside them. */
export interface RatioSaid {
  parts: readonly number[];
  thinner?: 'water' | 'medium';
  /** the thinner was said first: “water 2:1” */
  isThinnerFirst?: true;
  span: Span;
}

/** The facts gathered from a sentence before a line is made of them. */
export interface Frame {
  paints: PaintSaid[];
  ratios: RatioSaid[];
  isEven?: true;
  water?: number;
  medium?: number;
  neat?: 'said' | 'weak';
  /** thinned to a glaze, and so put on as one */
  isGlazeThin?: true;
  thinner?: true;
  /** a medium was named with no figure */
  mediumSaid?: true;
  waterSaid?: true;
  /** the thinner was said in parts, as the paints may be */
  countedThinner?: 'water' | 'medium';
  technique?: TechniqueName;
  /** the word the technique was said by */
  word?: string;
  /** the way is said of every line of the sentence */
  isOfEach?: true;
  stage?: Stage;
  coats?: number;
  coatsUpTo?: number;
  isRepeated?: true;
  /** where “primer” was said */
  isPrimer?: Span;
  dryMinutes?: number;
  level?: FinishLevel;
  isOptional?: true;
  /** the paint its mix goes over to, line by line */
  towards?: PaintSaid;
  /** from which paint on they are added to those before */
  addedFrom?: number;
  /** the number of a line that this one is the same as */
  sameAs?: number;
  places: Band[];
  /** where it runs to by itself */
  collects: Band[];
  nots: Band[];
  sides: { side: AimSide; isWeak?: true }[];
  notSides: AimSide[];
  fold?: 'in' | 'on' | 'said';
  upTo?: number;
  spotId?: string;
  all?: true;
  /** shares of the surface, from the top */
  shares: number[];
  /** a share from the bottom */
  bottomShare?: number;
  smaller?: true;
  shrinks?: true;
  deeper?: true;
  sparser?: true;
  same?: true;
  /** pots another takes the place of in the mix that is carried on */
  insteadOf?: readonly Pot[];
  /** what is said is put into the mix above */
  intoAbove?: true;
  tool?: Tool;
  softness?: number;
  pull?: Placement['pull'];
  marks: Mark[];
  rough: Rough[];
  /** what is told beside the line: nothing in it is asked about */
  asides: Span[];
  /** words that said nothing of the line */
  notes: Span[];
}

export const emptyFrame = (): Frame => ({
  paints: [],
  ratios: [],
  places: [],
  collects: [],
  nots: [],
  sides: [],
  notSides: [],
  shares: [],
  marks: [],
  rough: [],
  asides: [],
  notes: [],
});
