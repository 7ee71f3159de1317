import type { RecipePin } from '@yellow-ledger/core';
import { useVersions } from '../../../data/useVersions';
import { Select } from '../../../kit/Select';
import { versionOptions } from '../../../kit/words/versionOptions';
import { useRecipeRows } from '../../../workers/useRecipeRows';

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
      <Select
        label={label}
        value={pin?.recipeId ?? ''}
        onChoose={(recipeId) => onPin(recipeId ? { recipeId, version: null } : undefined)}
        options={rows.filter(({ id, archived }) => !archived || id === pin?.recipeId)}
      >
        <option value="">{noneMeans}</option>
        {isGone && <option value={pin.recipeId}>a recipe that was deleted</option>}
      </Select>
      {pin && !isGone && (
        <Select
          label={`${label}, version`}
          value={pin.version ?? ''}
          onChoose={(version) =>
            onPin({ ...pin, version: version === '' ? null : Number(version) })
          }
          options={versionOptions(versions)}
        />
      )}
      {isGone && <p className="field-error">This recipe was deleted; choose another.</p>}
      {isArchived && <p className="quiet">Archived, and still painted by.</p>}
    </div>
  );
}
