import type { LogEntry } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { strikesOf } from '../../data/log/strikes';
import { useAppStore } from '../../data/store';
import { useWriter } from '../../data/useWriter';
import { IfMayCreate } from '../club/IfMay';
import { CorrectionForm } from './CorrectionForm';
import './entryActions.scss';

export interface EntryActionsProps {
  entry: LogEntry;
  /** models there are in its unit */
  models: number;
  /** called with the strike that was written for it */
  onStruck?: (strike: LogEntry) => void;
}

/** Strikes an entry out, or puts right on which models, with which mix and how long a coat was painted. */
export function EntryActions({ entry, models, onStruck }: EntryActionsProps) {
  const [isOpen, setOpen] = useState(false);
  const writer = useWriter();
  const store = useAppStore();
  const write = (more: readonly LogEntry[]) => {
    setOpen(false);
    const [strike] = strikesOf(store.getState(), [entry]);
    writer.append([strike, ...more]);
    onStruck?.(strike);
  };
  return (
    <IfMayCreate kind="benches">
      <Button
        variant="plain"
        className="entry-change"
        aria-expanded={isOpen}
        onClick={() => setOpen(!isOpen)}
      >
        Change
      </Button>
      {isOpen && (
        <div className="flow entry-actions">
          {entry.kind === 'coat' && (
            <CorrectionForm entry={entry} models={models} onCorrected={(right) => write([right])} />
          )}
          <Button variant="outline" onClick={() => write([])}>
            Strike out
          </Button>
        </div>
      )}
    </IfMayCreate>
  );
}
