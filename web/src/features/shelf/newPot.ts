import type { Pot } from '@yellow-ledger/core';
import { unfinishedPots } from './unfinishedPots';

const newestKey = 'yellow-ledger.newest-pot';

/**
 * A pot nobody has described yet: it has no name, so it is not kept until it gets one. Where one
 * was begun before and left unfinished, that one is gone on with.
 */
export function newPot(): Pot {
  const begun = sessionStorage.getItem(newestKey);
  const id = begun && unfinishedPots.find(begun) ? begun : crypto.randomUUID();
  sessionStorage.setItem(newestKey, id);
  return {
    id,
    name: '',
    kind: 'paint',
    finish: 'matt',
    flow: 'normal',
    swatch: '#8a7f6a',
    hiding: 0.75,
    hidingIsGuess: true,
    volumeMl: null,
    notes: '',
    retired: false,
  };
}
