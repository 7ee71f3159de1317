import {
  aimOf,
  aimWords,
  howWords,
  loadWords,
  meaningTells,
  meaningWord,
  rangeOfCoats,
  shapeOf,
  techniqueOf,
  thinningWords,
  type Recipe,
  type Step,
  whereWords,
} from '@yellow-ledger/core';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import Button from 'react-bootstrap/Button';
import { Suspense } from 'react';
import { GripVertical } from 'react-bootstrap-icons';
import { lazyComponent } from '../../../kit/lazy/lazyComponent';
import { AspectStrips } from '../../../kit/paint/AspectStrips';
import { MixBar } from '../../../kit/paint/MixBar';
import { PlacementMark } from '../../../kit/paint/PlacementMark';
import { Ribbon } from '../../../kit/paint/Ribbon';
import { dropsWords } from '../../../kit/words/dropsWords';
import { LineRemarks } from './LineRemarks';
import type { RecipeLineProps } from './recipeLineProps';
import { Figures } from '../../../kit/figures/Figures';
import { ConsistencyPicture, MeaningPicture } from '../../../kit/words/WordPicture';

const LineEditor = lazyComponent(() => import('./LineEditor'));

/** One ruled line: what goes on, and at the right edge the surface it buys. */
export function RecipeLine(props: RecipeLineProps) {
  const { step, number, words, meaning, build, buildUp, drops, isOpen, deeds, onKey, onToggle } =
    props;
  const [least, most] = rangeOfCoats(step, props.draft.recipe.finishLevel);
  const { label, counts } = techniqueOf(step.technique);
  const {
    setNodeRef,
    setActivatorNodeRef,
    attributes,
    listeners,
    transform,
    transition,
    isDragging,
  } = useSortable({ id: step.id });
  const where = [aimedWords(step, props.draft.recipe), howWords(step)].filter(Boolean).join('; ');
  const isSkipped = buildUp?.isIncluded === false;
  const className = [
    'line',
    isOpen && 'line-open',
    isSkipped && 'line-skipped',
    isDragging && 'line-dragged',
  ];
  return (
    <li
      ref={setNodeRef}
      className={className.filter(Boolean).join(' ')}
      style={{ transform: CSS.Translate.toString(transform), transition }}
    >
      <div
        className="line-grid"
        onClick={(event) => {
          // The number is the button for keys and readers; a click anywhere on the line does the same.
          if (!(event.target as Element).closest('button, input, select')) onToggle();
        }}
      >
        <div className="line-column-step">
          <Button
            variant="bare"
            className="line-grip"
            ref={setActivatorNodeRef}
            {...attributes}
            {...listeners}
            aria-label={`Move line ${number}`}
          >
            <GripVertical aria-hidden />
          </Button>
          <Button
            variant="bare"
            className="line-button"
            data-line={step.id}
            aria-expanded={isOpen}
            aria-label={`Line ${number} ${step.stage} ${label}: ${words.mix(step.mix)}. ${whereWords(step, shapeOf(props.draft.recipe))}`}
            onClick={onToggle}
            onKeyDown={(event) => onKey(step.id, event)}
          >
            <span className="line-number">{number}</span>{' '}
            <span className="line-step">
              <b>{step.stage}</b> <span>{label}</span>
            </span>
          </Button>
        </div>
        <div className="line-column-mix">
          <MixBar
            mix={step.mix}
            hexOfPot={words.potHex}
            hexOfStep={words.stepHex}
            lineNumber={words.lineNumber}
          />
          <p className="line-mix" dir="ltr">
            {words.mix(step.mix)}
            <span className="line-thinning"> · {thinningWords(step.mix)}</span>
            <small>
              {props.consistency && (
                <>
                  {' · '}
                  {props.firstUse.consistency && (
                    <ConsistencyPicture name={props.consistency} />
                  )}{' '}
                  {props.consistency}
                </>
              )}
              <Figures> · {loadWords(step.mix)}</Figures>
            </small>
          </p>
          {where && <p className="line-note">{where}</p>}
          {step.note && (
            <p className="line-note" dir="auto">
              {step.note}
            </p>
          )}
        </div>
        <div className="line-column-coats">
          <b>{least < most ? `${least}–${most}` : least}</b>{' '}
          <span>{most === 1 ? counts : pluralOf(counts)}</span>
          {meaning && (
            <small className="below" title={meaningTells(meaning)}>
              {meaningWord(meaning)}{' '}
              {props.firstUse.meaning && <MeaningPicture meaning={meaning} />}
            </small>
          )}
        </div>
        <div className="line-column-ribbon">
          <Ribbon
            stops={build?.stops ?? []}
            surface={build && buildUp?.surface}
            isEstimate={buildUp?.isEstimate}
            label={`The surface after line ${number}, from pit to point`}
          />
          {build && !isSkipped && (
            <AspectStrips
              build={build}
              stepId={step.id}
              shape={shapeOf(props.draft.recipe)}
              label={`After line ${number}`}
            />
          )}
          {!isSkipped && <PlacementMark {...step.placement} coats={step.coats} />}
        </div>
        <LineRemarks
          step={step}
          recipe={props.draft.recipe}
          meaning={meaning}
          buildUp={buildUp}
          remarks={props.remarks}
          mayStop={props.mayStop}
          onFix={deeds.fix}
        />
      </div>
      {isOpen && (
        <Suspense fallback={<p className="line-wait">Opening the line …</p>}>
          <LineEditor {...props} dropsWords={drops ? dropsWords(drops, words.potName) : null} />
        </Suspense>
      )}
    </li>
  );
}

/** The aim of a line beside its tone; the bracket under its ribbon shows the tone. */
function aimedWords(step: Step, recipe: Recipe): string {
  const { ofCoats: _each, ...aim } = aimOf(step);
  return aimWords(aim, shapeOf(recipe));
}

const pluralOf = (counts: 'coat' | 'pass') => (counts === 'coat' ? 'coats' : 'passes');
