import {
  bringBackFix,
  counted,
  hasToCover,
  setAsideFix,
  type Fix,
  type Meaning,
  type Recipe,
  type Remark,
  type Step,
  type StepBuildUp,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import { Disclosure } from '../../../kit/Disclosure';
import { standardName } from '../../../kit/words/standards';

export interface LineRemarksProps {
  step: Step;
  recipe: Recipe;
  meaning: Meaning | undefined;
  buildUp: StepBuildUp | undefined;
  remarks: readonly Remark[];
  mayStop: boolean;
  onFix: (fix: Fix) => void;
}

/** The margin: what was found about a line, with the figure behind it and the mend as a button. */
export function LineRemarks(props: LineRemarksProps) {
  const { step, recipe, meaning, buildUp, remarks, mayStop, onFix } = props;
  if (!buildUp) return <div className="line-column-remarks" />;
  if (!buildUp.isIncluded)
    return (
      <div className="line-column-remarks">
        <p>{whyLeftOut(step)}</p>
      </div>
    );
  const { coverage } = buildUp;
  const isCoverageSaid = remarks.some(({ rule }) => ['doesNotCover', 'coatsWasted'].includes(rule));
  const isQuiet = ({ kind, isSetAside }: Remark) => kind === 'note' || isSetAside;
  const [first, ...others] = remarks.filter((remark) => !isQuiet(remark));
  const quiet = remarks.filter(isQuiet);
  const words = (remark: Remark) => (
    <RemarkWords key={remarks.indexOf(remark)} remark={remark} recipe={recipe} onFix={onFix} />
  );
  return (
    <div className="line-column-remarks">
      {first && words(first)}
      {others.length > 0 && (
        <Disclosure title={counted(others.length, 'more remark', 'more remarks')}>
          {others.map(words)}
        </Disclosure>
      )}
      {quiet.length > 0 && <Disclosure title={quietTitle(quiet)}>{quiet.map(words)}</Disclosure>}
      {coverage?.coats &&
        meaning === 'cover' &&
        coverage.coats <= step.coats &&
        hasToCover(coverage) &&
        !isCoverageSaid && (
          <p className="quiet">
            {coverage.coats === step.coats ? 'Covers.' : `Covers at coat ${coverage.coats}.`}
          </p>
        )}
      {mayStop && <p className="quiet may-stop">You may stop here.</p>}
    </div>
  );
}

/** @example quietTitle(two notes and one set aside) // → '2 notes, 1 on purpose' */
function quietTitle(quiet: readonly Remark[]): string {
  const aside = quiet.filter(({ isSetAside }) => isSetAside).length;
  const notes = quiet.length - aside;
  return [notes > 0 && counted(notes, 'note', 'notes'), aside > 0 && `${aside} on purpose`]
    .filter(Boolean)
    .join(', ');
}

interface RemarkWordsProps {
  remark: Remark;
  recipe: Recipe;
  onFix: (fix: Fix) => void;
}

/** One remark: the sentence, its figure on pointing at it, its mends, and the painter’s answer. */
export function RemarkWords({ remark, recipe, onFix }: RemarkWordsProps) {
  const { rule, kind, sentence, figure, fixes, potId, isSetAside } = remark;
  const answers = kind === 'objection' && rule !== 'potGone';
  const offered = isSetAside ? [] : fixes;
  return (
    <p
      title={`${figureWords(figure)}`}
      className={kind === 'objection' && !isSetAside ? '' : 'quiet'}
    >
      {sentence}{' '}
      {offered.map((fix) => (
        <Button key={fix.label} variant="plain" onClick={() => onFix(fix)}>
          {fix.label}
        </Button>
      ))}
      {answers && (
        <Button
          variant="plain"
          onClick={() =>
            onFix(isSetAside ? bringBackFix(remark, recipe) : setAsideFix(remark, recipe))
          }
        >
          {isSetAside ? 'Show it again' : 'On purpose'}
        </Button>
      )}
      {rule === 'potGone' && potId && <Link to={`/shelf/replace/${potId}`}>Find a substitute</Link>}
    </p>
  );
}

/** @example figureWords({ value: 4.08, unit: 'ΔE00 still missing' }) // → '4.1 ΔE00 still missing' */
function figureWords({ value, unit }: Remark['figure']): string {
  const digits = Number.isInteger(value) ? 0 : value < 1 ? 2 : 1;
  return `${value.toFixed(digits)} ${unit}`;
}

function whyLeftOut({ isOut, restores, level }: Step): string {
  if (isOut) return 'Left out: it is switched off.';
  if (restores !== undefined) return 'Left out, with the line it repairs.';
  return `Left out: it begins at the ${standardName(level)} standard.`;
}
