import { useEffect, useState } from 'react';
import { useLocation } from 'react-router';

/** State of pages as they were left, by their place in the history of this tab. */
const left = new Map<string, unknown>();
const mostLeft = 30;

/**
 * As `useState`, for what was found or set on a page and is too large for the browser's history: going
 * back to the page finds it again. A reload does not.
 *
 * @param name no other of its page has
 */
export function useRemembered<Value>(name: string, initial: () => Value) {
  const { key } = useLocation();
  const place = `${key} ${name}`;
  const [value, setValue] = useState<Value>(() =>
    left.has(place) ? (left.get(place) as Value) : initial(),
  );
  useEffect(() => {
    // The newest last: the oldest is forgotten first.
    left.delete(place);
    left.set(place, value);
    for (const oldest of left.keys()) if (left.size > mostLeft) left.delete(oldest);
  }, [place, value]);
  return [value, setValue] as const;
}
