import type { SaveState } from '../../store/draft/draftSlice';
import { saveNow } from '../../store/draft/draftAutosave';
import { useAppDispatch } from '../../store/store';

/** Where the saving of the recipe stands. */
export function SaveMark({ saveState }: { saveState: SaveState }) {
  const dispatch = useAppDispatch();
  const retry = (
    <button type="button" className="plain-button" onClick={() => void dispatch(saveNow())}>
      Save now
    </button>
  );
  if (saveState.is === 'failed')
    return (
      <p className="save-mark save-trouble" role="status">
        Not saved; your work is kept in this browser. {saveState.message} Tried again within{' '}
        {saveState.retryInSeconds} s. {retry}
      </p>
    );
  if (saveState.is === 'refused')
    return (
      <p className="save-mark save-trouble" role="status">
        Not saved; your work is kept in this browser. {saveState.message} {retry}
      </p>
    );
  return (
    <p className="save-mark" role="status">
      {{ saved: 'Saved', waiting: 'Saving …', saving: 'Saving …', stale: 'Held' }[saveState.is]}
    </p>
  );
}
