import {
  mostCoats,
  mostCoatsTried,
  techniqueOf,
  type Step,
  type StepBuildUp,
} from '@yellow-ledger/core';

export interface LineRemarksProps {
  step: Step;
  buildUp: StepBuildUp | undefined;
  onFix: (step: Step) => void;
}

/** The margin: what was found about a line, with the number behind it and the mend as a button. */
export function LineRemarks({ step, buildUp, onFix }: LineRemarksProps) {
  if (!buildUp) return <div className="line-column-remarks" />;
  if (!buildUp.isIncluded)
    return (
      <div className="line-column-remarks">
        <p>Left out: it begins at {step.level} level.</p>
      </div>
    );
  const { coverage, isEstimate } = buildUp;
  const needed = coverage?.coats;
  return (
    <div className="line-column-remarks">
      {coverage && needed === null && <p>Does not cover, even in {mostCoatsTried} coats.</p>}
      {typeof needed === 'number' && needed > step.coats && (
        <p>
          Covers in {isEstimate && '≈ '}
          {needed} coats; {step.coats} written.{' '}
          {needed <= mostCoats && (
            <button
              type="button"
              className="plain-button"
              onClick={() => onFix({ ...step, coats: needed })}
            >
              Make it {needed}
            </button>
          )}
        </p>
      )}
      {typeof needed === 'number' && needed <= step.coats && (
        <p className="quiet">{needed === step.coats ? 'Covers.' : `Covers at coat ${needed}.`}</p>
      )}
      {isEstimate && <p className="quiet">≈ estimate</p>}
      {techniqueOf(step.technique).caution && <p>Caution: mist. Open the line.</p>}
    </div>
  );
}
