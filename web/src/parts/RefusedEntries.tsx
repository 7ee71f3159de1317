import { useWriter } from '../ledger/useWriter';
import type { PendingEntry } from '../ledger/writer/writingSlice';

/** Entries the server will not take: kept here until somebody says what becomes of them. */
export function RefusedEntries({ refused }: { refused: readonly PendingEntry[] }) {
  const writer = useWriter();
  const count = refused.length === 1 ? 'An entry was' : `${refused.length} entries were`;
  return (
    <p role="alert" className="problem">
      {count} refused: {refused[0].refused} {refused.length === 1 ? 'It is' : 'They are'} kept in
      this browser.{' '}
      <button type="button" className="plain-button" onClick={() => writer.tryAgain()}>
        Try again
      </button>{' '}
      <button
        type="button"
        className="plain-button"
        onClick={() => writer.dropEntries(refused.map(({ entry }) => entry.id))}
      >
        Let {refused.length === 1 ? 'it' : 'them'} go
      </button>
    </p>
  );
}
