import { counted, hidingLevelOf, hidingLevels, potKinds, type Pot } from '@yellow-ledger/core';
import Form from 'react-bootstrap/Form';
import { ReasonButton } from '../../kit/ReasonButton';
import { asProblem } from '../../data/ask';
import { usePutPotsMutation } from '../../data/ledgerApi';
import { Options } from '../../kit/Select';
import { FigureTable } from '../../kit/FigureTable';
import { LinkButton } from '../../kit/LinkButton';
import { Problem } from '../../kit/Problem';
import { Swatch } from '../../kit/paint/Swatch';
import { potsOf, wrongName, type Begun } from './begun';
import { swatchWords } from '../../kit/words/swatchWords';

export interface LookThroughProps {
  begun: readonly Begun[];
  shelf: readonly Pot[];
  onBegun: (begun: Begun[]) => void;
  /** called with how many went onto the shelf */
  onPut: (count: number) => void;
}

const mostAtOnce = 5000;

/** Pots that are not on the shelf yet, in a table: every figure can be put right before they are. */
export function LookThrough({ begun, shelf, onBegun, onPut }: LookThroughProps) {
  const [putPots, { isLoading, error }] = usePutPotsMutation();
  const change = (key: string, part: Partial<Begun>) =>
    onBegun(begun.map((each) => (each.key === key ? { ...each, ...part } : each)));
  const ready = potsOf(begun).slice(0, mostAtOnce);
  const isAllIn = begun.every(({ isIn }) => isIn);
  const put = async () => {
    const answer = await putPots(ready.map((content) => ({ content, revision: 0 })));
    if (!answer.error) onPut(ready.length);
  };
  const heads = [
    <Form.Check
      key="all"
      id="every-pot"
      label="Add"
      checked={isAllIn}
      onChange={() => onBegun(begun.map((each) => ({ ...each, isIn: !isAllIn })))}
    />,
    'Swatch',
    'Name',
    'Coverage',
    'Kind',
    'How sure',
  ];
  const rows = begun.map((pot) => {
    const { key, isIn, name, kind, swatch, swatchShows, hiding, hidingIsGuess, tells } = pot;
    const wrong = isIn ? wrongName(pot, shelf) : null;
    return [
      <Form.Check
        key={key}
        aria-label={`${name || key} goes in`}
        checked={isIn}
        onChange={({ target }) => change(key, { isIn: target.checked })}
      />,
      <span key="swatch" className="fill-swatch">
        <Swatch hex={swatch} />
        <input
          type="color"
          aria-label={`Colour of ${name || key}`}
          value={swatch}
          onChange={({ target }) =>
            change(key, {
              swatch: target.value,
              isIn: true,
              notes: '',
              tells: 'Colour chosen by you.',
            })
          }
        />
        <small className="below">{swatchWords(swatchShows)}</small>
      </span>,
      <span key="name" className="fill-name">
        <Form.Control
          size="sm"
          aria-label={`Name of ${key}`}
          aria-invalid={wrong !== null}
          value={name}
          onChange={({ target }) => change(key, { name: target.value })}
        />
        {wrong && <small className="below">{wrong}</small>}
      </span>,
      <span key="hiding" className="fill-hiding">
        <Form.Select
          size="sm"
          aria-label={`Coverage of ${name || key}`}
          value={hidingLevelOf(hiding).name}
          onChange={({ target }) => {
            const level = hidingLevels.find((each) => each.name === target.value);
            if (level) change(key, { hiding: level.hiding, notes: '' });
          }}
        >
          <Options of={hidingLevels.map((level) => level.name)} />
        </Form.Select>
        <small className="below">
          {hidingIsGuess && '≈ '}
          {hiding.toFixed(2)}
        </small>
      </span>,
      <Form.Select
        key="kind"
        size="sm"
        className="fill-kind"
        aria-label={`Kind of ${name || key}`}
        value={kind}
        onChange={({ target }) => change(key, { kind: target.value as Pot['kind'] })}
      >
        <Options of={potKinds} />
      </Form.Select>,
      <small key="tells" className="fill-tells">
        {tells}
      </small>,
    ];
  });
  return (
    <section className="stacked" aria-label="Pots to look through">
      <FigureTable label="Pots to look through, a table" heads={heads} rows={rows} />
      {error !== undefined && (
        <Problem>Nothing was put on the shelf: {asProblem(error).message}</Problem>
      )}
      <div className="flow">
        <ReasonButton
          variant="next"
          isBusy={isLoading}
          why={ready.length === 0 ? 'No pot is ticked that has a colour.' : null}
          onClick={() => void put()}
        >
          {isLoading ? 'Putting them there …' : `Put ${counted(ready.length, 'pot')} on the shelf`}
        </ReasonButton>
        <LinkButton to="/shelf">To the shelf</LinkButton>
      </div>
    </section>
  );
}
