import type { ResourceName } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useAppSelector } from '../../data/store';
import { useWriter } from '../../data/useWriter';
import { recordKey, type PendingRecord } from '../../data/outbox/writingSlice';
import { Problem } from '../Problem';

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
      <Problem>
        Not saved; what you did is kept in this browser.{' '}
        {state.is === 'refused' ? state.message : 'It was deleted elsewhere since you opened it.'}{' '}
        <Button variant="plain" onClick={() => writer.tryAgain()}>
          {state.is === 'refused' ? 'Try again' : 'Put it back'}
        </Button>{' '}
        <Button variant="plain" onClick={() => writer.drop(key)}>
          Discard it
        </Button>
      </Problem>
    );
  if (!trouble) return null;
  return (
    <Problem>
      {trouble.message} What you did last is only{' '}
      {isUnkept ? 'on this page. Leave it open.' : 'in this browser, and sent once it can be.'}{' '}
      <Button variant="plain" onClick={() => void writer.flush()}>
        Try again
      </Button>
    </Problem>
  );
}
