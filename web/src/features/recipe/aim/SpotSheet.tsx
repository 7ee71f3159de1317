import { formOf, forms, type Spot, type SpotMark } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useId, useState, type MouseEvent } from 'react';
import { ActionBar } from '../../../kit/ActionBar';
import { FigureField } from '../../../kit/field/FigureField';
import { Pixels } from '../../../kit/form/FormCanvas';
import { Switch } from '../../../kit/field/Switch';
import { Problem } from '../../../kit/Problem';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { SpotFieldProps } from './placementProps';

const size = 180;

const percentOf = (share: number) => Math.round(share * 1000) / 10;

/** A spot of the recipe: its name, how much of the surface it has, and where on the form it is. */
export function SpotSheet({ draft, step, deeds, words, spot }: SpotFieldProps & { spot: Spot }) {
  const { recipe } = draft;
  const id = useId();
  const [name, setName] = useState(spot.name);
  const spots = recipe.spots ?? [];
  const put = (next: Spot) =>
    deeds.putSpots(spots.map((each) => (each.id === spot.id ? next : each)));
  const [first] = spot.at ?? [];
  const together = spots.reduce((sum, { share }) => sum + share, 0);
  const form = formOf(recipe);
  const hex = words.stepHex(step.id);
  const onSpot = {
    ...step,
    placement: { from: 0, to: 1, softness: 0, pull: 'even' as const, aim: { spot: spot.id } },
  };
  const { answer: guide } = useAnswer(ofShelf, [recipe, spot, hex], (worker) =>
    worker.guide(recipe, onSpot, { form, hex, size, isBehind: first?.isBehind === true }),
  );
  const press = (event: MouseEvent<HTMLElement>) => {
    const { left, top, width, height } = event.currentTarget.getBoundingClientRect();
    const round = (each: number) => Math.round(Math.min(1, Math.max(0, each)) * 1000) / 1000;
    const mark = {
      u: round((event.clientX - left) / width),
      v: round(1 - (event.clientY - top) / height),
    };
    put({ ...spot, at: event.shiftKey ? [...(spot.at ?? []), mark].slice(-12) : [mark] });
  };
  const moveTo = (mark: Partial<SpotMark>) =>
    put({
      ...spot,
      at: [{ ...(first ?? { u: 0.5, v: 0.5 }), ...mark }, ...(spot.at ?? []).slice(1)],
    });
  const isEmpty = name.trim() === '';
  const lines = recipe.steps.filter(({ placement }) => placement.aim?.spot === spot.id).length;
  return (
    <div className="spot-sheet" role="group" aria-label={`Spot ${spot.name}`}>
      <span className="form-well" onClick={press} title="Press where it is; Shift adds a place">
        <Pixels pixels={guide?.pixels ?? null} size={size} />
      </span>
      <div className="stacked">
        <div className="field">
          <label htmlFor={id}>Name</label>
          <Form.Control
            id={id}
            size="sm"
            value={name}
            maxLength={120}
            aria-invalid={isEmpty}
            onChange={({ target }) => {
              setName(target.value);
              if (target.value.trim() !== '') put({ ...spot, name: target.value.trim() });
            }}
          />
          {isEmpty && (
            <p className="field-error">Empty is not right: it should be 1 to 120 characters.</p>
          )}
        </div>
        <FigureField
          label="of the surface, %"
          value={percentOf(spot.share)}
          isRight={(share) => share >= 0 && share <= 100}
          expected="a number from 0 to 100"
          onFigure={(share) => put({ ...spot, share: share / 100 })}
        />
        <FigureField
          label="soft at its edge, %"
          value={percentOf(spot.softness ?? 0)}
          isRight={(each) => each >= 0 && each <= 100}
          expected="a number from 0 for a crisp edge to 100"
          onFigure={(each) => put({ ...spot, softness: each / 100 })}
        />
        <p>
          Press on the form where it is, with Shift for one place more. Counted out there it is{' '}
          {guide ? percentOf(guide.painted) : '…'} % of {forms[form].label}.
        </p>
        <div className="flow">
          {(['u', 'v'] as const).map((axis) => (
            <FigureField
              key={axis}
              label={axis === 'u' ? 'from the left, %' : 'from below, %'}
              value={percentOf(first?.[axis] ?? 0.5)}
              isRight={(at) => at >= 0 && at <= 100}
              expected="a number from 0 to 100"
              onFigure={(at) => moveTo({ [axis]: at / 100 })}
            />
          ))}
          <Switch
            label="on its back"
            isOn={first?.isBehind === true}
            isDisabled={!forms[form].hasBack}
            onTurn={(isBehind) => moveTo({ isBehind })}
          />
        </div>
        {together > 1 && (
          <Problem>
            The spots have {Math.round(together * 100)} % of the surface together; up to 100 % there
            is room for each.
          </Problem>
        )}
        <ActionBar>
          {spot.at && (
            <Button
              variant="plain"
              onClick={() => {
                const { at: _at, ...where } = spot;
                put(where);
              }}
            >
              Where the form has it
            </Button>
          )}
          <Button
            variant="plain"
            onClick={() => deeds.putSpots(spots.filter(({ id: of }) => of !== spot.id))}
          >
            Delete the spot{lines > 0 && ` under ${lines === 1 ? 'one line' : `${lines} lines`}`}
          </Button>
        </ActionBar>
      </div>
    </div>
  );
}
