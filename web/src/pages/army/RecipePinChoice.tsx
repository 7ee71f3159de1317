import type { RecipePin } from '@yellow-ledger/core';
import { Choice } from '../../parts/Choice';
import { useVersions } from '../../ledger/useVersions';
import { useRecipeRows } from '../../workers/useRecipeRows';

export interface RecipePinChoiceProps {
  label: string;
  pin: RecipePin | undefined;
  /** what it means to choose none */
  noneMeans: string;
  onPin: (pin: RecipePin | undefined) => void;
}

/** A recipe, and which version of it. */
export function RecipePinChoice({ label, pin, noneMeans, onPin }: RecipePinChoiceProps) {
  const { rows = [] } = useRecipeRows();
  const { versions = [] } = useVersions(pin?.recipeId ?? '');
  const isGone = pin && rows.length > 0 && !rows.some(({ id }) => id === pin.recipeId);
  const isArchived = rows.some(({ id, archived }) => id === pin?.recipeId && archived);
  return (
    <div className="pin-choice">
      <Choice
        label={label}
        value={pin?.recipeId ?? ''}
        onChoose={(recipeId) => onPin(recipeId ? { recipeId, version: null } : undefined)}
      >
        <option value="">{noneMeans}</option>
        {isGone && <option value={pin.recipeId}>a recipe that was deleted</option>}
        {rows
          .filter(({ id, archived }) => !archived || id === pin?.recipeId)
          .map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
      </Choice>
      {pin && !isGone && (
        <Choice
          label={`${label}, version`}
          value={pin.version ?? ''}
          onChoose={(version) =>
            onPin({ ...pin, version: version === '' ? null : Number(version) })
          }
        >
          <option value="">as it is now</option>
          {versions.map(({ number, note }) => (
            <option key={number} value={number}>
              {note ? `${number}: ${note.slice(0, 40)}` : number}
            </option>
          ))}
        </Choice>
      )}
      {isGone && <p className="field-error">This recipe was deleted; choose another.</p>}
      {isArchived && <p className="quiet">Archived, and still painted by.</p>}
    </div>
  );
}
