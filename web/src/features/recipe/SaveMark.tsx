import Button from 'react-bootstrap/Button';
import { useAppSelector } from '../../data/store';
import { useWriter } from '../../data/useWriter';
import { useSaveState } from './useDraft';

/** Where the saving of the recipe stands. */
export function SaveMark({ recipeId }: { recipeId: string }) {
  const saveState = useSaveState(recipeId);
  const writer = useWriter();
  const isUnkept = useAppSelector((state) => state.writing.isUnkept);
  const retry = (
    <Button
      variant="plain"
      onClick={() => (saveState.is === 'refused' ? writer.tryAgain() : void writer.flush())}
    >
      Save now
    </Button>
  );
  const kept = isUnkept
    ? 'this browser keeps nothing, so leave the page open.'
    : 'your work is kept in this browser.';
  if (saveState.is === 'failed')
    return (
      <p role="status">
        Not saved; {kept} {saveState.message} Tried again within {saveState.retryInSeconds} s.{' '}
        {retry}
      </p>
    );
  if (saveState.is === 'refused')
    return (
      <p role="status">
        Not saved; {kept} {saveState.message} {retry}
      </p>
    );
  return (
    <p className="quiet" role="status">
      {{ saved: 'Saved', waiting: 'Saving …', saving: 'Saving …', stale: 'Held' }[saveState.is]}
    </p>
  );
}
