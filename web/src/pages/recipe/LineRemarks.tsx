import { counted, type Fix, type Remark, type Step, type StepBuildUp } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import { Fold } from '../../parts/Fold';

export interface LineRemarksProps {
  step: Step;
  buildUp: StepBuildUp | undefined;
  remarks: readonly Remark[];
  mayStop: boolean;
  onFix: (fix: Fix) => void;
}

/** The margin: what was found about a line, with the figure behind it and the mend as a button. */
export function LineRemarks({ step, buildUp, remarks, mayStop, onFix }: LineRemarksProps) {
  if (!buildUp) return <div className="line-column-remarks" />;
  if (!buildUp.isIncluded)
    return (
      <div className="line-column-remarks">
        <p>{whyLeftOut(step)}</p>
      </div>
    );
  const { coverage, isEstimate } = buildUp;
  const isCoverageSaid = remarks.some(({ rule }) => ['doesNotCover', 'coatsWasted'].includes(rule));
  const [first, ...others] = remarks;
  return (
    <div className="line-column-remarks">
      {first && <RemarkWords remark={first} onFix={onFix} />}
      {others.length > 0 && (
        <Fold title={counted(others.length, 'more remark', 'more remarks')}>
          {others.map((remark) => (
            <RemarkWords key={remark.rule} remark={remark} onFix={onFix} />
          ))}
        </Fold>
      )}
      {coverage?.coats && !isCoverageSaid && (
        <p className="quiet">
          {coverage.coats === step.coats ? 'Covers.' : `Covers at coat ${coverage.coats}.`}
        </p>
      )}
      {isEstimate && <p className="quiet">≈ estimate</p>}
      {mayStop && <p className="quiet may-stop">You may stop here.</p>}
    </div>
  );
}

/** One remark: the sentence, its figure on pointing at it, and its mends. */
export function RemarkWords({
  remark: { rule, sentence, figure, fixes, potId },
  onFix,
}: {
  remark: Remark;
  onFix: (fix: Fix) => void;
}) {
  return (
    <p title={`${figureWords(figure)}`}>
      {sentence}{' '}
      {fixes.map((fix) => (
        <Button key={fix.label} variant="plain" onClick={() => onFix(fix)}>
          {fix.label}
        </Button>
      ))}
      {rule === 'potGone' && potId && (
        <Link to={`/shelf/replace/${potId}`}>Look for what stands in</Link>
      )}
    </p>
  );
}

/** @example figureWords({ value: 4.08, unit: 'ΔE00 still missing' }) // → '4.1 ΔE00 still missing' */
function figureWords({ value, unit }: Remark['figure']): string {
  const digits = Number.isInteger(value) ? 0 : value < 1 ? 2 : 1;
  return `${value.toFixed(digits)} ${unit}`;
}

function whyLeftOut({ isOut, restores, level }: Step): string {
  if (isOut) return 'Left out: it is switched out.';
  if (restores !== undefined) return 'Left out, with the line it repairs.';
  return `Left out: it begins at ${level} level.`;
}
