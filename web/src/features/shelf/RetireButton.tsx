import type { Pot } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useMay } from '../../data/club/standing';
import { useWriter } from '../../data/useWriter';
import { useNotice } from '../../kit/shell/notices';

/** Takes a pot off the shelf without taking it out of any recipe, or brings it back. */
export function RetireButton({ pot }: { pot: Pot }) {
  const writer = useWriter();
  const notify = useNotice();
  const mayWrite = useMay('pots', pot.id)('write');
  const verb = pot.retired ? 'restore' : 'remove';
  const turn = () => {
    const retired = !pot.retired;
    writer.change('pots', pot.id, `${verb} ${pot.name}`, (now) => ({ ...now, retired }));
    notify(pot.retired ? `${pot.name} is back.` : `${pot.name} is removed; Ctrl+Z undoes it.`);
  };
  if (!mayWrite) return null;
  return (
    <Button
      variant="plain"
      onClick={turn}
      aria-label={`${pot.retired ? 'Restore' : 'Remove'} ${pot.name}`}
    >
      {pot.retired ? 'Restore' : 'Remove'}
    </Button>
  );
}
