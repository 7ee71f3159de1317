import { useState } from 'react';

const stateKey = 'yellow-ledger.open';

/**
 * What is opened in its place on a page, by its id. It stands with the page in the history of the
 * browser: who comes back finds it open.
 */
export function useOpenHere(): [string | null, (id: string | null) => void] {
  const [openId, setOpenId] = useState<string | null>(() => {
    const state = window.history.state as Record<string, unknown> | null;
    const open = state?.[stateKey];
    return typeof open === 'string' ? open : null;
  });
  const open = (id: string | null) => {
    window.history.replaceState({ ...window.history.state, [stateKey]: id }, '');
    setOpenId(id);
  };
  return [openId, open];
}
