import { useEffectEvent, useLayoutEffect } from 'react';

/** Whether keys belong to what is being typed into. */
export function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable ||
      target.matches('textarea, select, input:not([type=checkbox]):not([type=radio])'))
  );
}

const offKey = 'yellow-ledger.single-keys-off';

/** Shortcuts of a single key can be turned off: speech and unsteady hands set them off by mistake. */
export const singleKeys = {
  areOn: () => localStorage.getItem(offKey) === null,
  turn(on: boolean) {
    if (on) localStorage.removeItem(offKey);
    else localStorage.setItem(offKey, 'off');
  },
};

/**
 * Calls back when a single key is pressed while nothing is typed into and no dialog is open.
 *
 * @param key as `KeyboardEvent.key`, small letters
 */
export function useShortcut(key: string, act: (event: KeyboardEvent) => void): void {
  const onKeyDown = useEffectEvent((event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
    if (event.key.toLowerCase() !== key || isTyping(event.target) || !singleKeys.areOn()) return;
    if (document.querySelector('[role=dialog]')) return;
    event.preventDefault();
    act(event);
  });
  // Before the screen is shown: a key pressed at once is not lost.
  useLayoutEffect(() => {
    const listener = (event: KeyboardEvent) => onKeyDown(event);
    window.addEventListener('keydown', listener);
    return () => window.removeEventListener('keydown', listener);
  }, []);
}
