import { useEffect, useEffectEvent } from 'react';
import { useSearchParams } from 'react-router';

/** Begins something new where the address asks for it (`?new`), once. */
export function useAskedNew(begin: () => void, isReady: boolean): void {
  const [asked, setAsked] = useSearchParams();
  const isAsked = asked.has('new') && isReady;
  const once = useEffectEvent(() => {
    setAsked({}, { replace: true });
    begin();
  });
  useEffect(() => {
    if (isAsked) once();
  }, [isAsked]);
}
