import { finishedSurface, type Recipe } from '@yellow-ledger/core';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { Ribbon } from './Ribbon';

/** The predicted finish of a recipe, from pit to point. */
export function FinishedRibbon({ recipe, label }: { recipe: Recipe; label: string }) {
  const { answer } = useAnswer(ofShelf, [recipe], (worker) => worker.finished(recipe));
  if (!answer) return <div className="ribbon-well" />;
  return <Ribbon stops={answer.stops} surface={finishedSurface(answer)} label={label} />;
}
