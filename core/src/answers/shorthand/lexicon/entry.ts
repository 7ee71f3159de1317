import type { AimSide } from '../../../written/place/aim';
import type { Band } from '../../../written/place/bands';
import type { Placement } from '../../../written/place/placement';
import type { FinishLevel, Stage } from '../../../written/recipe/step';
import type { TechniqueName } from '../../../written/technique/techniques';
import type { Tool } from '../../../written/technique/tool';

/** The kinds of words and phrases in a sentence, each with its meaning. */
export type Meaning =
  /** a place on the tone axis; `up` where it is said of what stands up, for folds */
  | { kind: 'place'; band: Band; technique?: TechniqueName }
  /** hollows or what stands up, by what is painted */
  | { kind: 'fold' }
  | { kind: 'side'; side: AimSide; isWeak?: true }
  | { kind: 'all' }
  /** the end of the axis a share of the surface is counted from */
  | { kind: 'shareEnd'; end: 'top' | 'bottom' }
  /** half, a third: of a mix or of the surface */
  | { kind: 'fraction'; share: number }
  /** a touch, some: so much of one part */
  | { kind: 'amount'; parts: number }
  | { kind: 'evenly' }
  | { kind: 'unit' }
  | { kind: 'percent' }
  | { kind: 'water' }
  | { kind: 'medium' }
  | { kind: 'paint' }
  /** parts of water to 1 of paint */
  | { kind: 'thin'; water: number; isWeak?: true }
  | { kind: 'neat'; isWeak?: true }
  /** thinner than the line above */
  | { kind: 'thinner' }
  | { kind: 'thinned' }
  | { kind: 'technique'; technique: TechniqueName; stage?: Stage; isNoun?: true; word: string }
  | { kind: 'stage'; stage: Stage }
  | { kind: 'coats' }
  | { kind: 'often'; times: number }
  | { kind: 'manyTimes' }
  /** one more where it is needed */
  | { kind: 'ifNeeded' }
  | { kind: 'again' }
  | { kind: 'repeat' }
  | { kind: 'optional' }
  /** what comes after is where it does not go */
  | { kind: 'not' }
  | { kind: 'asItIs' }
  | { kind: 'upTo' }
  | { kind: 'from' }
  | { kind: 'upwards' }
  | { kind: 'downwards' }
  | { kind: 'smaller'; isEach?: true }
  | { kind: 'deeper' }
  | { kind: 'sparser' }
  | { kind: 'same' }
  /** the colour of the line above */
  | { kind: 'mixAbove'; line?: number }
  /** the colour of the first base coat */
  | { kind: 'baseMix' }
  | { kind: 'intoIt' }
  | { kind: 'more' }
  | { kind: 'level'; level: FinishLevel }
  | { kind: 'dry' }
  | { kind: 'minutes'; minutes: number }
  | { kind: 'less' }
  | { kind: 'add' }
  | { kind: 'instead' }
  | { kind: 'line' }
  | { kind: 'then' }
  | { kind: 'only' }
  | { kind: 'body' }
  | { kind: 'soft'; softness: number }
  | { kind: 'pull'; pull: Placement['pull'] }
  | { kind: 'tool'; tool: Tool }
  /** painted so that what lies below is left to see */
  | { kind: 'below' }
  | { kind: 'and' }
  | { kind: 'plus' }
  | { kind: 'with' }
  | { kind: 'of' }
  | { kind: 'on' }
  | { kind: 'in' }
  | { kind: 'comma' }
  | { kind: 'colon' }
  | { kind: 'to' }
  | { kind: 'or' }
  | { kind: 'times' }
  | { kind: 'dash' }
  | { kind: 'number'; value: number }
  /** where paint runs to by itself: a place where none is said */
  | { kind: 'collects' }
  /** begins what is told beside the line: a reason, what is wiped off again */
  | { kind: 'aside' }
  /** colours how the rest is said and changes nothing */
  | { kind: 'quiet' };

export type MeaningKind = Meaning['kind'];

/** Phrases with one meaning; parted by bars. */
export interface Entry {
  phrases: string;
  meaning: Meaning;
  /** how much it explains beside other readings of the same words; 1 where not said */
  weight?: number;
}

export const entry = (meaning: Meaning, phrases: string, weight?: number): Entry => ({
  phrases,
  meaning,
  ...(weight !== undefined && { weight }),
});
