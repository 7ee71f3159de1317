import type { DepositProfile } from '../depositProfiles';
import type { FormName } from '../../place/forms';
import type { SurfaceName } from '../surfaceNames';
import type { Meaning } from '../meaning';
import type { Placement } from '../../place/placement';
import type { ToneStopName } from '../../place/toneAxis';
import type { Thinning } from '../../mix/mix';
import type { Stage } from '../stage';

/** All there is to say of a way of putting paint on. What is left out does not hold of it. */
export interface Technique {
  /** its place in lists, from 1 */
  listedAt: number;
  /** on screen and in print */
  label: string;
  /** where in a recipe a line of it usually stands */
  usualStage: Stage;
  /** how far paint is thinned for it where nothing else is known; our own starting point */
  usualThinning: Thinning;
  /** what painters call it, the first of them not to be taken for anything else */
  saidAs: readonly [string, ...string[]];
  /** what means it only where the line goes low on the tone axis, or on what faces up */
  saidWhere?: { low?: readonly string[]; up?: readonly string[] };
  /** the stop of the tone axis whose name alone means it: edges */
  saidOfStop?: ToneStopName;
  /** thickness of one neat coat, in films of about 40 µm wet */
  film: number;
  deposit: DepositProfile;
  /** `film`: the deposit multiplies the thickness; `area`: it is the share of the area touched */
  spreads: 'film' | 'area';
  /** one application is called a coat, or a pass for what tints rather than covers */
  counts: 'coat' | 'pass';
  /** what a line of it is for, where its painter says nothing and its paint is as usual */
  means: Meaning;
  /** where it usually goes on */
  usualPlacement: Placement;
  /** where it can go on at all: a line beyond that is not painted so */
  belongs?: Belongs;
  leaves: string;
  /** how long a practised hand takes; our own starting point */
  minutes: TechniqueMinutes;
  /**
   * How likely one coat leaves something on a neighbour, 0–1: mist and bristles go everywhere, a
   * wash runs, a line rarely slips. Our own starting point.
   */
  slips: number;
  /** covering what lies below is what it is for */
  covers?: true;
  /** it lets what is below through on purpose, and stains it */
  tints?: true;
  /** it is thinned until it hides nothing, and most is wiped off the brush */
  isThinned?: true;
  /** it runs into what lies deep, so that paint that hides is no use for it */
  runs?: true;
  /** nearly dry paint off the tips of the bristles */
  isDry?: true;
  /** transparent, it shows by the light of what is below */
  takesItsLight?: true;
  /** while it dries nobody can take hold of the body it is on */
  holdsBody?: true;
  /** so little paint that it dries while the brush is loaded again */
  driesAtOnce?: true;
  /** it is painted into what is still wet: nobody waits for the coat before it */
  goesOnWet?: true;
  /**
   * It holds no paint and takes some off: this share of the coat laid just before, at a full
   * stroke. Our own starting point.
   */
  lifts?: number;
  /** lines of it make a gradient, each on less of the surface than the one before */
  isBand?: true;
  /** points and edges, which a tint over everything dulls first */
  isFine?: true;
  /** it stays in the recesses, whatever it goes over */
  sparesPoints?: true;
  /** it goes round the outline of the part alone */
  rim?: true;
  /** it dirties the mid tone, which is to be brought back */
  wantsRestoring?: true;
  /** often put on when a line turned out to be not enough */
  isAfterthought?: true;
  /** L* it may stand above or below what it borders on before a hard end shows; none where soft */
  starkFrom?: number;
  /** how its strokes are drawn on a form, where they do not run with the light */
  marks?: 'dots' | 'lines';
  /** its strokes in words, where they are not as any brush stroke */
  strokes?: (form: FormName, surface: SurfaceName) => string;
  /** what spoils it by hand, worth knowing and no objection */
  mind?: string;
  /** what to take care of, where it can hurt somebody */
  caution?: string;
}

/**
 * Minutes of one coat at the standard of rank and file: for each cm² it touches and each cm of its
 * border, and how many times as long a display piece takes.
 */
export interface TechniqueMinutes {
  perCm2: number;
  perCm: number;
  display: number;
}

/** Bounds of a placement on the tone axis, 0–1; what is not said may be anything. */
export interface Belongs {
  /** @example 'in the recesses' */
  where: string;
  startsUpTo?: number;
  startsFrom?: number;
  endsUpTo?: number;
  endsFrom?: number;
}

export const technique = (facts: Technique): Technique => facts;

/** From so many slips a coat on it leaves something on neighbours more often than not. */
const messyFrom = 0.35;

/** Whether it is worth keeping it away from finished work. */
export const isMessy = ({ slips }: Technique): boolean => slips >= messyFrom;
