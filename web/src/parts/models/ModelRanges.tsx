import type { Army, ModelRange } from '@yellow-ledger/core';
import { useState } from 'react';
import { rangesInWords } from './modelRanges';

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
  const [isOpen, setIsOpen] = useState(false);
  const free = army.units.find(({ id }) => !ranges.some(({ unitId }) => unitId === id));
  const put = (index: number, part: Partial<ModelRange>) =>
    onRanges(ranges.map((each, i) => (i === index ? { ...each, ...part } : each)));
  return (
    <details
      className="model-ranges"
      open={isOpen || problem !== undefined}
      onToggle={(event) => setIsOpen(event.currentTarget.open)}
    >
      <summary>
        {legend}:{' '}
        <span dir="auto">{ranges.length > 0 ? rangesInWords(ranges, army.units) : noneMeans}</span>
      </summary>
      {problem && (
        <p className="field-error" role="alert">
          {problem}
        </p>
      )}
      {ranges.map(({ unitId, from, to }, index) => {
        const most = army.units.find(({ id }) => id === unitId)?.models ?? to;
        const bound = (typed: string, least: number) =>
          Math.min(most, Math.max(least, Math.floor(Number(typed)) || least));
        return (
          <div className="range-row" key={index}>
            <label>
              Unit{' '}
              <select
                className="form-select form-select-sm"
                value={unitId}
                onChange={(event) => {
                  const unit = army.units.find(({ id }) => id === event.target.value);
                  if (unit) put(index, { unitId: unit.id, from: 1, to: unit.models });
                }}
              >
                {army.units.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
            <label>
              from model{' '}
              <input
                className="form-control form-control-sm"
                type="number"
                min={1}
                max={most}
                value={from}
                onChange={(event) => {
                  const next = bound(event.target.value, 1);
                  put(index, { from: next, to: Math.max(to, next) });
                }}
              />
            </label>
            <label>
              to model{' '}
              <input
                className="form-control form-control-sm"
                type="number"
                min={from}
                max={most}
                value={to}
                onChange={(event) => put(index, { to: bound(event.target.value, from) })}
              />
            </label>
            <button
              type="button"
              className="plain-button"
              aria-label={`Take out ${rangesInWords([{ unitId, from, to }], army.units)}`}
              onClick={() => onRanges(ranges.filter((_, i) => i !== index))}
            >
              Take out
            </button>
          </div>
        );
      })}
      <button
        type="button"
        className="outline-button"
        disabled={army.units.length === 0}
        onClick={() => {
          const unit = free ?? army.units[0];
          onRanges([...ranges, { unitId: unit.id, from: 1, to: unit.models }]);
        }}
      >
        Add models
      </button>
    </details>
  );
}
