import { unitOf, type Army, type ModelRange } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { ReasonButton } from '../ReasonButton';
import { Select } from '../Select';
import { CountField } from '../field/CountField';
import { Disclosure } from '../Disclosure';
import { rangesInWords } from './modelRanges';
import './modelRanges.scss';

export interface ModelRangesProps {
  legend: string;
  /** what it means to say none */
  noneMeans: string;
  army: Army;
  ranges: readonly ModelRange[];
  problem?: string | undefined;
  onRanges: (ranges: ModelRange[]) => void;
}

/** Models, said as stretches of the lines of units. */
export function ModelRanges(props: ModelRangesProps) {
  const { legend, noneMeans, army, ranges, problem, onRanges } = props;
  const free = army.units.find(({ id }) => !ranges.some(({ unitId }) => unitId === id));
  const put = (index: number, part: Partial<ModelRange>) =>
    onRanges(ranges.map((each, i) => (i === index ? { ...each, ...part } : each)));
  return (
    <Disclosure
      isOpen={problem !== undefined}
      title={
        <>
          {legend}:{' '}
          <span dir="auto">
            {ranges.length > 0 ? rangesInWords(ranges, army.units) : noneMeans}
          </span>
        </>
      }
    >
      {problem && (
        <p className="field-error" role="alert">
          {problem}
        </p>
      )}
      {ranges.map(({ unitId, from, to }, index) => {
        const most = unitOf(army, unitId)?.models ?? to;
        return (
          <div className="flow range-row" key={index}>
            <Select
              label="Unit"
              value={unitId}
              onChoose={(id) =>
                put(index, { unitId: id, from: 1, to: unitOf(army, id)?.models ?? 1 })
              }
              options={army.units}
            />
            <CountField
              label="from model"
              value={from}
              least={1}
              most={most}
              onCount={(next) => put(index, { from: next, to: Math.max(to, next) })}
            />
            <CountField
              label="to model"
              value={to}
              least={from}
              most={most}
              onCount={(next) => put(index, { to: next })}
            />
            <Button
              variant="plain"
              aria-label={`Remove ${rangesInWords([{ unitId, from, to }], army.units)}`}
              onClick={() => onRanges(ranges.filter((_, i) => i !== index))}
            >
              Remove
            </Button>
          </div>
        );
      })}
      <ReasonButton
        variant="outline"
        why={army.units.length === 0 ? 'The army has no unit yet.' : null}
        onClick={() => {
          const unit = free ?? army.units[0];
          onRanges([...ranges, { unitId: unit.id, from: 1, to: unit.models }]);
        }}
      >
        Add models
      </ReasonButton>
    </Disclosure>
  );
}
