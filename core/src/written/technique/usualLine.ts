import type { PotKind } from '../pot/pot';
import type { Stage } from './stage';
import { techniqueOf, type TechniqueName } from './techniques';

/** The usual line with pots of one kind alone. */
interface UsualOfKind {
  /** it is painted as it comes out of the pot, or is thinned by whoever uses it */
  comesReady: boolean;
  technique?: TechniqueName;
  stage?: Stage;
  /** the stage holds only where the coat covers: drybrushed, a primer primes nothing */
  stageIfItCovers?: boolean;
}

const usualOfKind: Record<PotKind, UsualOfKind> = {
  paint: { comesReady: false },
  ink: { comesReady: false },
  wash: { comesReady: true, technique: 'allOverWash' },
  'one-coat': { comesReady: true, technique: 'oneCoat' },
  medium: { comesReady: false },
  primer: { comesReady: true, technique: 'brushCoat', stage: 'prime', stageIfItCovers: true },
  varnish: { comesReady: true, technique: 'brushCoat', stage: 'finish' },
};

const techniqueOfStage: Record<Stage, TechniqueName> = {
  prime: 'brushCoat',
  base: 'brushCoat',
  shade: 'layer',
  layer: 'layer',
  highlight: 'layer',
  glaze: 'placedGlaze',
  detail: 'lineWork',
  finish: 'brushCoat',
};

/** The known facts of a line whose technique or stage was not said. */
export interface KnownOfLine {
  /** kinds of the pots that were said */
  kinds: ReadonlySet<PotKind>;
  stage?: Stage;
  /** the stage of the line above; undefined on an empty page */
  stageAbove?: Stage;
}

const usualOf = (kinds: ReadonlySet<PotKind>): UsualOfKind | null => {
  const [kind] = kinds;
  return kinds.size === 1 ? usualOfKind[kind] : null;
};

/** The technique a line usually has: of its pots, of its stage, or one that goes on from above. */
export function usualTechnique({ kinds, stage, stageAbove }: KnownOfLine): TechniqueName {
  const ofPots = usualOf(kinds)?.technique;
  if (ofPots && (stage === undefined || stage === techniqueOf(ofPots).usualStage)) return ofPots;
  if (stage) return techniqueOfStage[stage];
  return stageAbove ? 'layer' : 'brushCoat';
}

/** The stage a line usually has: of its pots, or of its technique. */
export function usualStage(technique: TechniqueName, { kinds, stageAbove }: KnownOfLine): Stage {
  const { covers, isBand, usualStage: ofTechnique } = techniqueOf(technique);
  const { stage, stageIfItCovers } = usualOf(kinds) ?? {};
  if (stage && (covers || !stageIfItCovers)) return stage;
  return isBand && stageAbove === 'highlight' ? 'highlight' : ofTechnique;
}

/** Whether pots of these kinds are all painted as they come. */
export const comesReady = (kinds: ReadonlySet<PotKind>): boolean =>
  kinds.size > 0 && [...kinds].every((kind) => usualOfKind[kind].comesReady);
