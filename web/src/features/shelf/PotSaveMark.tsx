import type { Kept, Pot } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { Problem } from '../../kit/Problem';
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
      <Problem>
        <p>
          {theirs
            ? `This pot was changed elsewhere: there it is ${theirs.content.name}, ${theirs.content.kind}, ${theirs.content.swatch}, hiding ${theirs.content.hiding}.`
            : 'This pot was deleted elsewhere.'}
        </p>
        <Button variant="outline" onClick={() => onSettle(theirs, true)}>
          Keep what is here
        </Button>{' '}
        {theirs && (
          <Button variant="outline" onClick={() => onSettle(theirs, false)}>
            Take what is there
          </Button>
        )}
      </Problem>
    );
  }
  if (saveState.is === 'failed' || saveState.is === 'refused')
    return (
      <Problem>
        <p>
          Not saved; what you typed stays here. {saveState.message}{' '}
          <Button variant="plain" onClick={onRetry}>
            Try now
          </Button>
        </p>
      </Problem>
    );
  return (
    <p className="quiet" role="status">
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
