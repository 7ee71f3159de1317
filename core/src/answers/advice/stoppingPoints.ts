import { colourDifference } from '../../light/colour/colourDifference';
import type { BuildUp } from '../../predicted/buildUp/buildUp';
import type { Shelf } from '../../predicted/paint/mixedPaint';
import type { Recipe } from '../../written/recipe/recipe';
import { techniqueOf } from '../../written/technique/techniques';
import { adviceContext, type PaintedLine } from './adviceContext';

/** L* from recess to crown from which a form reads at arm's length. */
const readsFrom = 8;
/** Share of the finished spread from recess to crown that is to be there already. */
const spreadFrom = 0.5;
/** The mid tone is the final one when it changes no more than this, ΔE00. */
const midWithin = 5;

/**
 * The lines after which a painter may stop and have a finished surface: everything is covered,
 * the mid tone is the final one, light and dark stand where they belong, and nothing is left spoiled
 * that a later line repairs.
 *
 * @returns identifiers of painted lines, in order
 */
export function stoppingPoints(recipe: Recipe, build: BuildUp, shelf: Shelf): string[] {
  const { lines, stop, finished } = adviceContext(recipe, build, shelf);
  const finalSpread = finished[stop('crown')].value - finished[stop('recess')].value;
  const lastBase = lines.findLastIndex(({ step }) => step.stage === 'base');
  return lines.flatMap((line, index) => {
    const value = (name: 'recess' | 'mid' | 'crown') => line.build.surface[stop(name)].value;
    const spread = value('crown') - value('recess');
    const isRead = spread >= readsFrom && spread >= spreadFrom * finalSpread;
    const isMidThere =
      colourDifference(line.build.surface[stop('mid')], finished[stop('mid')]) <= midWithin;
    const isUpright = value('crown') >= value('mid') - 1;
    const isCovered = lines.slice(0, index + 1).every(covers);
    const isSpoiled =
      lines
        .slice(index + 1)
        .some(({ step }) => step.restores !== undefined && isAtOrBefore(step.restores, index)) ||
      (techniqueOf(line.step.technique).wantsRestoring &&
        lines.slice(index + 1).some(({ step }) => step.stage === 'layer'));
    const isColoured = lines
      .slice(0, index + 1)
      .some(({ step, meaning }) => meaning !== null && step.stage !== 'prime');
    const isDone =
      isColoured &&
      index >= lastBase &&
      isRead &&
      isMidThere &&
      isUpright &&
      isCovered &&
      !isSpoiled;
    return isDone ? [line.step.id] : [];
  });

  function isAtOrBefore(stepId: string, index: number): boolean {
    return lines.slice(0, index + 1).some(({ step }) => step.id === stepId);
  }
}

/** One coat short is still fit to be seen; more is patchy. */
function covers({ step, build }: PaintedLine): boolean {
  const needed = build.coverage?.coats;
  return needed === undefined || (needed !== null && needed <= step.coats + 1);
}
