/** Puts a value into the list of a key; copying the list each time would take the square of its length. */
export function addTo<Key, Value>(lists: Map<Key, Value[]>, key: Key, value: Value): void {
  const list = lists.get(key);
  if (list) list.push(value);
  else lists.set(key, [value]);
}
