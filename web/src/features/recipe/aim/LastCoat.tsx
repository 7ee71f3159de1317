import { formOf, forms, toneStops } from '@yellow-ledger/core';
import { FigureField } from '../../../kit/field/FigureField';
import { StretchField } from '../../../kit/field/StretchField';
import { Switch } from '../../../kit/field/Switch';
import { shareInWords } from '../../../kit/words/shareInWords';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { PlacementPartProps } from './placementProps';

/** Coats that each go on less than the one before: where the last one goes, and their shares. */
export function LastCoat({ draft, step, placement, onPlace }: PlacementPartProps) {
  const { last, aim, from, to } = placement;
  const turn = (isOn: boolean) => {
    const { last: _gone, ...first } = placement;
    const middle = Math.max(from, Math.round((from + to) * 50) / 100);
    onPlace(isOn ? { ...first, last: { from: middle, to } } : first);
  };
  const { recipe } = draft;
  const { answer: shares } = useAnswer(
    ofShelf,
    [recipe, step, placement],
    (worker) => worker.coatShares(recipe, { ...step, placement }),
    last !== undefined,
  );
  return (
    <>
      <Switch
        label="each coat smaller than the one before"
        isOn={last !== undefined}
        onTurn={turn}
      />
      {last && (
        <>
          <StretchField
            label="Last coat"
            from={last.from}
            to={last.to}
            least={from}
            most={to}
            onMove={(low, high) =>
              onPlace({ ...placement, last: { ...last, from: low, to: high } })
            }
            marks={toneStops}
          />
          {aim?.facing && (
            <FigureField
              label="Last coat within, degrees"
              value={last.within ?? aim.facing.within}
              isRight={(each) => each >= 0 && each <= (aim.facing?.within ?? 0)}
              expected={`a number from 0 to ${aim.facing.within}, the degrees of the first coat`}
              onFigure={(within) => onPlace({ ...placement, last: { ...last, within } })}
            />
          )}
          {aim?.along && (
            <StretchField
              label="Last coat along"
              from={(last.along ?? aim.along).from}
              to={(last.along ?? aim.along).to}
              least={aim.along.from}
              most={aim.along.to}
              onMove={(low, high) =>
                onPlace({ ...placement, last: { ...last, along: { from: low, to: high } } })
              }
              marks={[]}
            />
          )}
          <p>
            {step.coats < 2
              ? 'With one coat there is no last one to be smaller.'
              : `The coats go on ${(shares ?? []).map(shareInWords).join(', ')} of ${forms[formOf(recipe)].label}.`}
          </p>
        </>
      )}
    </>
  );
}
