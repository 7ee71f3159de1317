import { useCallback, useState } from 'react';
import { keepHere, keptHere } from './useKeptHere';

/**
 * The section opened in its place on a page, by its id. It stands with the page in the history of the
 * browser: who comes back finds it open. An address can ask for it: `?open=` and the id.
 */
export function useOpenHere(): [string | null, (id: string | null) => void] {
  const [openId, setOpenId] = useState<string | null>(() => {
    const open = keptHere('open');
    if (typeof open === 'string') return open;
    return new URLSearchParams(window.location.search).get('open');
  });
  const open = useCallback((id: string | null) => {
    keepHere('open', id);
    setOpenId(id);
  }, []);
  return [openId, open];
}
