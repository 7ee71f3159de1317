import { useEffectEvent, useLayoutEffect, useState } from 'react';
import { isTyping } from '../../../kit/keyboard/useShortcut';

const keyName = 'yellow-ledger.pedal-key';
const usualKey = 'PageDown';

/** The key a foot pedal sends, as `KeyboardEvent.key`. */
export function pedalKey(): string {
  return localStorage.getItem(keyName) ?? usualKey;
}

/** Calls back for the pedal's key, once a press however long it is held. */
export function usePedal(act: () => void): void {
  const onKeyDown = useEffectEvent((event: KeyboardEvent) => {
    if (event.key !== pedalKey() || event.ctrlKey || event.metaKey || event.altKey) return;
    if (isTyping(event.target) || document.querySelector('[role=dialog]')) return;
    event.preventDefault();
    if (!event.repeat) act();
  });
  useLayoutEffect(() => {
    const listener = (event: KeyboardEvent) => onKeyDown(event);
    window.addEventListener('keydown', listener);
    return () => window.removeEventListener('keydown', listener);
  }, []);
}

/** Lets the pedal be pressed once, to know its key. */
export function usePedalLearning() {
  const [key, setKey] = useState(pedalKey);
  const [isLearning, setIsLearning] = useState(false);
  const onKeyDown = useEffectEvent((event: KeyboardEvent) => {
    if (!isLearning || event.key === 'Tab') return;
    event.preventDefault();
    event.stopPropagation();
    setIsLearning(false);
    if (event.key === 'Escape') return;
    localStorage.setItem(keyName, event.key);
    setKey(event.key);
  });
  useLayoutEffect(() => {
    const listener = (event: KeyboardEvent) => onKeyDown(event);
    // Before anything else hears it: the key may be one that does something here.
    window.addEventListener('keydown', listener, true);
    return () => window.removeEventListener('keydown', listener, true);
  }, []);
  return { key, isLearning, learn: () => setIsLearning(true) };
}
