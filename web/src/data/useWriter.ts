import { createContext, useContext } from 'react';
import type { Writer } from './outbox/Writer';

export const WriterContext = createContext<Writer | null>(null);

/** The one writer of the page. */
export function useWriter(): Writer {
  const writer = useContext(WriterContext);
  if (!writer) throw new Error('The page was drawn without a ledger.');
  return writer;
}
