import type { Pot } from '@yellow-ledger/core';
import { useNotice } from '../../parts/shell/notices';
import { doDeed } from '../../store/deeds/doDeeds';
import { useAppDispatch } from '../../store/store';

/** Takes a pot off the shelf without taking it out of any recipe, or brings it back. */
export function RetireButton({ pot }: { pot: Pot }) {
  const dispatch = useAppDispatch();
  const notify = useNotice();
  const verb = pot.retired ? 'bring back' : 'retire';
  const turn = async () => {
    const problem = await dispatch(
      doDeed({
        kind: 'pots',
        label: `${verb} ${pot.name}`,
        of: crypto.randomUUID(),
        before: pot,
        after: { ...pot, retired: !pot.retired },
      }),
    );
    if (problem) notify(problem.message);
    else notify(pot.retired ? `${pot.name} is back.` : `${pot.name} is retired; Ctrl+Z undoes it.`);
  };
  return (
    <button
      type="button"
      className="plain-button"
      onClick={() => void turn()}
      aria-label={`${pot.retired ? 'Bring back' : 'Retire'} ${pot.name}`}
    >
      {pot.retired ? 'Bring back' : 'Retire'}
    </button>
  );
}
