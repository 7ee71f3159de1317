import { useEffect, useEffectEvent } from 'react';
import { useFormContext } from 'react-hook-form';

/** Puts the cursor into a field of the form when it opens. */
export function useFocusAtStart(name: string, isFirst = false): void {
  const { setFocus } = useFormContext();
  const focus = useEffectEvent(() => setFocus(name));
  useEffect(() => {
    if (isFirst) focus();
  }, [isFirst]);
}
