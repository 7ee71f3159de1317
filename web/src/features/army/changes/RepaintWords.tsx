import { counted, differenceWords, type Repaint, type Unit } from '@yellow-ledger/core';
import { Figures } from '../../../kit/figures/Figures';
import { Ribbon } from '../../../kit/paint/Ribbon';
import { minutesInWords } from '../../../kit/words/minutesInWords';
import { mlWords } from '../../../kit/words/mlWords';
import { potNamesOf } from '../../../kit/words/recipeWords';
import { useShelf } from '../../../workers/useShelf';
import type { RepaintAnswer } from './versionGapWork';

export interface RepaintWordsProps {
  answer: RepaintAnswer & { repaint: Repaint };
  unit: Unit;
}

/** The recipe that is there, the intended one, and the work between them. */
export function RepaintWords({ answer, unit }: RepaintWordsProps) {
  const { repaint, model, painted, neighbours } = answer;
  const { pots = [] } = useShelf();
  const { cost, costStripped, showsThrough, worst, stops, underColour } = repaint;
  const potName = potNamesOf(pots);
  const name = model === null ? 'as it is written' : `model ${model}, as it stands`;
  return (
    <div role="status">
      <div className="gap-ribbons">
        <span>{name}</span>
        <Ribbon surface={repaint.from} stops={stops} label="As it stands" />
        <span>as it is meant</span>
        <Ribbon surface={repaint.to} stops={stops} label="As it is meant" />
      </div>
      {model === null && (
        <p className="quiet">
          The log knows of nothing on this surface: it is taken as its recipe has it.
        </p>
      )}
      <ul>
        <li>{coverWords(repaint)}</li>
        {underColour?.coats && (
          <li>
            With {counted(underColour.underCoats, 'coat')} of {potName(underColour.potId)} under it{' '}
            {counted(underColour.coats, 'coat')} of its base will do.
          </li>
        )}
        <li>
          Painted as written, without more coats, what was there shows at the worst place:{' '}
          {differenceWords(showsThrough)}. Before and after differ most at the {worst.place}:{' '}
          {differenceWords(worst.difference)}.
          <Figures>
            {' '}
            ΔE00 {showsThrough.toFixed(1)} and {worst.difference.toFixed(1)}.
          </Figures>
        </li>
        <li dir="auto">
          {neighbours.length > 0
            ? `A slip would spoil ${neighbours.join(', ')}; mask or mend.`
            : 'Nothing finished lies beside it.'}
        </li>
        <li>
          {counted(painted.length || unit.models, 'model')}: {cost.coats} coats each,{' '}
          {minutesInWords(cost.minutes)} hands-on in all, {mlWords(cost.ml)} of thinned paint.
          {costStripped.coats < cost.coats && (
            <>
              {' '}
              Stripped first, {costStripped.coats} coats each and{' '}
              {minutesInWords(costStripped.minutes)}, the stripping and priming not counted.
            </>
          )}
        </li>
      </ul>
    </div>
  );
}

function coverWords({ coatsToCover, coveringStepId }: Repaint): string {
  if (coveringStepId === null)
    return 'Nothing in this recipe covers the whole surface: lay its ground first.';
  if (coatsToCover === null)
    return 'Even 20 coats of its base do not cover what is there: lay its ground, or an under-colour, first.';
  return `${counted(coatsToCover, 'coat')} of its base until what is there no longer shows.`;
}
