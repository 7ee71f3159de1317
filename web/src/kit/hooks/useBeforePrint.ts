import { useEffect, useEffectEvent } from 'react';
import { flushSync } from 'react-dom';

/** Changes the page before it is printed, also by the browser's own command. */
export function useBeforePrint(prepare: () => void): void {
  const prepared = useEffectEvent(() => flushSync(prepare));
  useEffect(() => {
    const listener = () => prepared();
    window.addEventListener('beforeprint', listener);
    return () => window.removeEventListener('beforeprint', listener);
  }, []);
}
