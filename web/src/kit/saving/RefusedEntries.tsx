import Button from 'react-bootstrap/Button';
import { useWriter } from '../../data/useWriter';
import type { PendingEntry } from '../../data/outbox/writingSlice';
import { Problem } from '../Problem';

/** Entries the server will not take: kept here until somebody says what becomes of them. */
export function RefusedEntries({ refused }: { refused: readonly PendingEntry[] }) {
  const writer = useWriter();
  const count = refused.length === 1 ? 'An entry was' : `${refused.length} entries were`;
  return (
    <Problem>
      {count} refused: {refused[0].refused} {refused.length === 1 ? 'It is' : 'They are'} kept in
      this browser.{' '}
      <Button variant="plain" onClick={() => writer.tryAgain()}>
        Try again
      </Button>{' '}
      <Button
        variant="plain"
        onClick={() => writer.dropEntries(refused.map(({ entry }) => entry.id))}
      >
        Let {refused.length === 1 ? 'it' : 'them'} go
      </Button>
    </Problem>
  );
}
