import {
  aimWords,
  howWords,
  shapeOf,
  techniqueOf,
  type Placement,
  type PotNames,
  type Step,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useFormContext, useWatch } from 'react-hook-form';
import { Disclosure } from '../../../kit/Disclosure';
import { NoteField } from '../../../kit/field/NoteField';
import { useFigures } from '../../../kit/figures/figuresSetting';
import { useKeptHere } from '../../../kit/hooks/useKeptHere';
import { standardName } from '../../../kit/words/standards';
import { AimEditor } from '../aim/AimEditor';
import { LineStudies } from '../studies/LineStudies';
import { EndsEditor } from './EndsEditor';
import { endsWords } from './placeWords';
import { PlaceFigures } from './PlaceFigures';
import type { RecipeLineProps } from './recipeLineProps';
import { TechniqueFields } from './TechniqueFields';
import { ToolEditor } from './ToolEditor';

/** Fields that stand outside "More": what is wrong in any other opens it. */
const shownAbove = new Set(['mix', 'coats']);

interface LineMoreProps extends RecipeLineProps {
  names: PotNames;
  /** fields of the line that are not right */
  wrong: readonly string[];
}

/** All of an open line that its sentence says and few change by hand, in groups. */
export function LineMore(props: LineMoreProps) {
  const { step, draft, build, buildUp, deeds, onFocus } = props;
  const { control, setValue } = useFormContext<Step>();
  const placement = useWatch({ control, name: 'placement' });
  // Stays as it was left for the next line and after a reload.
  const [isKeptOpen, keepOpen] = useKeptHere<boolean>('lineMore', false);
  const areNumbersShown = useFigures();
  const put = (next: Placement) => setValue('placement', next, { shouldValidate: true });
  const { aim, last } = placement;
  const how = howWords(step);
  const placed = { ...props, placement, onPlace: put };
  return (
    <Disclosure
      title={`More: ${moreWords(step)}`}
      isOpen={isKeptOpen || props.wrong.some((field) => !shownAbove.has(field))}
      onToggle={keepOpen}
    >
      <div className="stacked line-more">
        <TechniqueFields {...props} />
        <Disclosure title={`Ends: ${endsWords(placement)}`} isOpen={last !== undefined}>
          <EndsEditor {...placed} />
        </Disclosure>
        <Disclosure
          title={`Aimed: ${aim ? aimWords(aim, shapeOf(draft.recipe)) : 'anywhere on it'}`}
          isOpen={aim !== undefined}
        >
          <AimEditor {...placed} />
        </Disclosure>
        <Disclosure
          title={how ? `With what: ${how}` : 'With what, and how heavily'}
          isOpen={how !== ''}
        >
          <ToolEditor />
        </Disclosure>
        <NoteField name="note" label="Note" rows={1} />
        {areNumbersShown && build && buildUp && (
          <PlaceFigures stops={build.stops} surface={buildUp.surface} />
        )}
        <div className="flow">
          <Button variant="outline" onClick={() => onFocus(deeds.duplicate(step.id))}>
            Duplicate line
          </Button>
          <Button variant="outline" onClick={() => onFocus(deeds.remove(step.id))}>
            Delete line
          </Button>
        </div>
        <LineStudies {...props} />
      </div>
    </Disclosure>
  );
}

/** @example moreWords(step) // → 'glaze, tabletop, note' */
function moreWords(step: Step): string {
  const { technique, stage, level, note, tool, placement, dryMinutes } = step;
  return [
    techniqueOf(technique).label,
    stage !== technique && stage,
    `from ${standardName(level)}`,
    placement.aim && 'aim',
    tool && 'brush',
    dryMinutes > 0 && `dries ${dryMinutes} min`,
    note && 'note',
  ]
    .filter(Boolean)
    .join(', ');
}
