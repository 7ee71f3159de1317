import type { LogEntry } from '@yellow-ledger/core';
import { WrittenLog } from '../../core/src/testing/sampleLog';

/** Coats of one model each, a few minutes apart, six evenings a week. */
export function coats(from: number, many: number): LogEntry[] {
  return Array.from({ length: many }, (_, i): LogEntry => {
    const number = from + i;
    const log = new WrittenLog();
    const evening = Math.floor(number / 30) * 1440;
    const model = 1 + (Math.floor(number / 4) % 2000);
    const step = (['base', 'base', 'shade', 'light'] as const)[number % 4];
    const coat = number % 4 === 1 ? 2 : 1;
    const entry = log.coat(evening + (number % 30) * 4, 'cloak', step, coat, [model], {
      minutes: 3,
    });
    return { ...entry, id: `e${number}`, order: number };
  });
}
