import { corrected, type CoatEntry, type LogEntry } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { strikesOf } from '../../data/log/strikes';
import { useAppStore } from '../../data/store';
import { useWriter } from '../../data/useWriter';
import { IfMayCreate } from '../../kit/club/IfMay';
import { FigureField } from '../../kit/field/FigureField';
import { ReasonButton } from '../../kit/ReasonButton';
import { modelsWords } from '../../kit/words/modelsWords';
import { modelsOfText } from './modelsOfText';

export interface EntryActionsProps {
  entry: LogEntry;
  /** models there are in its unit */
  models: number;
  /** called with the strike that was written for it */
  onStruck: (strike: LogEntry) => void;
}

/** Strikes an entry out, or puts right on which models and how long a coat was painted. */
export function EntryActions({ entry, models, onStruck }: EntryActionsProps) {
  const [isOpen, setOpen] = useState(false);
  const writer = useWriter();
  const store = useAppStore();
  const write = (more: readonly LogEntry[]) => {
    setOpen(false);
    const [strike] = strikesOf(store.getState(), [entry]);
    writer.append([strike, ...more]);
    onStruck(strike);
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

interface CorrectionFormProps {
  entry: CoatEntry;
  models: number;
  onCorrected: (right: CoatEntry) => void;
}

function CorrectionForm({ entry, models: most, onCorrected }: CorrectionFormProps) {
  const [text, setText] = useState(modelsWords(entry.where.models));
  const [minutes, setMinutes] = useState(entry.minutes ?? Math.round(entry.reckoned));
  const models = modelsOfText(text, most);
  return (
    <form
      className="flow"
      aria-label="Correct this coat"
      onSubmit={(event) => {
        event.preventDefault();
        if (models) onCorrected(corrected(entry, { models, minutes }, crypto.randomUUID()));
      }}
    >
      <Form.Group controlId={`models-${entry.id}`} className="field">
        <Form.Label>It was models</Form.Label>
        <Form.Control
          size="sm"
          value={text}
          aria-invalid={models === null}
          onChange={({ target }) => setText(target.value)}
        />
      </Form.Group>
      <FigureField
        label="Minutes it took"
        value={minutes}
        isRight={(each) => each >= 0 && each <= 1440}
        expected="a number from 0 to 1,440"
        onFigure={setMinutes}
      />
      <ReasonButton
        type="submit"
        variant="outline"
        why={models ? null : `Write models from 1 to ${most}, as 4–6, 9.`}
      >
        Correct it
      </ReasonButton>
    </form>
  );
}
