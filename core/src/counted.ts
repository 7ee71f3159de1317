/**
 * A number with what it counts, in words.
 * @example counted(1, 'model') // → '1 model'
 * @example counted(2, 'entry', 'entries') // → '2 entries'
 */
export const counted = (count: number, one: string, many = `${one}s`): string =>
  `${count.toLocaleString('en')} ${count === 1 ? one : many}`;
