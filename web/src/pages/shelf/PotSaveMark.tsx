import type { Kept, Pot } from '@yellow-ledger/core';
import type { PotSaveState } from './usePotWriting';

export interface PotSaveMarkProps {
  saveState: PotSaveState;
  onRetry: () => void;
  onSettle: (theirs: Kept<Pot> | null, keepsMine: boolean) => void;
}

/** Where the saving of a pot stands, and the choice when it was changed elsewhere. */
export function PotSaveMark({ saveState, onRetry, onSettle }: PotSaveMarkProps) {
  if (saveState.is === 'stale') {
    const { theirs } = saveState;
    return (
      <div className="problem" role="alert">
        <p>
          {theirs
            ? `This pot was changed elsewhere: there it is ${theirs.content.name}, ${theirs.content.kind}, ${theirs.content.swatch}, hiding ${theirs.content.hiding}.`
            : 'This pot was deleted elsewhere.'}
        </p>
        <button type="button" className="outline-button" onClick={() => onSettle(theirs, true)}>
          Keep what is here
        </button>{' '}
        {theirs && (
          <button type="button" className="outline-button" onClick={() => onSettle(theirs, false)}>
            Take what is there
          </button>
        )}
      </div>
    );
  }
  if (saveState.is === 'failed' || saveState.is === 'refused')
    return (
      <div className="problem" role="alert">
        <p>
          Not saved; what you typed stays here. {saveState.message}{' '}
          <button type="button" className="plain-button" onClick={onRetry}>
            Try now
          </button>
        </p>
      </div>
    );
  return (
    <p className="save-mark" role="status">
      {
        {
          new: 'Kept as soon as it has a name.',
          saved: 'Saved.',
          waiting: 'Saving …',
          saving: 'Saving …',
        }[saveState.is]
      }
    </p>
  );
}
