import { useCallback, useState } from 'react';

const keyOf = (name: string) => `yellow-ledger.${name}`;

/** State kept with the page in the history of the browser; undefined where there is none. */
export function keptHere(name: string): unknown {
  const state = window.history.state as Record<string, unknown> | null;
  return state?.[keyOf(name)];
}

/** Has it stand there: who comes back finds it, who comes anew does not. */
export function keepHere(name: string, value: unknown): void {
  try {
    window.history.replaceState({ ...window.history.state, [keyOf(name)]: value }, '');
  } catch {
    // Some browsers take only so many changes in a while; the page goes on without.
  }
}

/**
 * As `useState`, for what a page is asked to show: who goes on from it and comes back finds it as
 * it was left.
 *
 * @param name no other of its page has
 */
export function useKeptHere<Value extends string | number | boolean>(
  name: string,
  initial: Value,
): [Value, (value: Value) => void] {
  const [value, setValue] = useState<Value>(() => {
    const kept = keptHere(name);
    return typeof kept === typeof initial ? (kept as Value) : initial;
  });
  const keep = useCallback(
    (next: Value) => {
      keepHere(name, next);
      setValue(next);
    },
    [name],
  );
  return [value, keep];
}
