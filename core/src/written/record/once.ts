/** A value that is worked out when it is first asked for, and then kept. */
export function once<T>(workOut: () => T): () => T {
  let known: { value: T } | undefined;
  return () => (known ??= { value: workOut() }).value;
}
