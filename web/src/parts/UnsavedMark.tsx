import { useAppSelector } from '../ledger/store';
import { useWriter } from '../ledger/useWriter';
import { recordKey, type PendingRecord } from '../ledger/writer/writingSlice';
import type { ResourceName } from '@yellow-ledger/core';

/** Told while something done to a record is not on the server: why, and what can be done. */
export function UnsavedMark({ name, id }: { name: ResourceName; id: string }) {
  const writer = useWriter();
  const key = recordKey(name, id);
  const pending = useAppSelector((state) => state.writing.records[key]) as
    PendingRecord | undefined;
  const { trouble, isUnkept } = useAppSelector((state) => state.writing);
  if (!pending) return null;
  const { state } = pending;
  if (state.is === 'refused' || state.is === 'stale')
    return (
      <p className="problem" role="alert">
        Not saved; what you did is kept in this browser.{' '}
        {state.is === 'refused' ? state.message : 'It was deleted elsewhere since you opened it.'}{' '}
        <button type="button" className="plain-button" onClick={() => writer.tryAgain()}>
          {state.is === 'refused' ? 'Try again' : 'Put it back'}
        </button>{' '}
        <button type="button" className="plain-button" onClick={() => writer.drop(key)}>
          Let it go
        </button>
      </p>
    );
  if (!trouble) return null;
  return (
    <p className="problem" role="alert">
      The server does not answer: what you did last is only{' '}
      {isUnkept ? 'on this page. Leave it open.' : 'in this browser, and sent when it does.'}{' '}
      <button type="button" className="plain-button" onClick={() => void writer.flush()}>
        Try again
      </button>
    </p>
  );
}
