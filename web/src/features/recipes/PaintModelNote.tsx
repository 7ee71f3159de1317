import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { Problem } from '../../kit/Problem';
import { readThere, writeThere } from './toldHere';

/** The day thin paint began to be predicted otherwise. */
const changedOn = '2026-11-30';
const key = `yellow-ledger.paint-changed-${changedOn}`;

/**
 * Says once, to whoever has recipes from before, that predicted colours changed and by how much.
 * The figures are those of the sample's eighteen recipes before and after.
 */
export function PaintModelNote({ rows }: { rows: readonly { savedAt: string }[] }) {
  const [isRead, setIsRead] = useState(() => readThere(key));
  if (isRead || !rows.some(({ savedAt }) => savedAt !== '' && savedAt < changedOn)) return null;
  return (
    <Problem role="note">
      <b>Thin paint is predicted differently since 30 November.</b> Glazes, washes and thinned dark
      colours come out weaker and greyer, nearer to what painters see. Of the 18 sample recipes half
      changed by more than 1 ΔE00 and the most by 5; coats that cover look as before. Your recipes,
      versions and log are as you left them.{' '}
      <Button
        variant="outline"
        size="sm"
        onClick={() => {
          writeThere(key);
          setIsRead(true);
        }}
      >
        I have read it
      </Button>
    </Problem>
  );
}
