import { counted } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import ButtonGroup from 'react-bootstrap/ButtonGroup';

export interface MishapModelsProps {
  all: readonly number[];
  /** at least one */
  chosen: readonly number[];
  onChoose: (models: readonly number[]) => void;
}

/** The models it went wrong on: one, several, or all of them in one press. */
export function MishapModels({ all, chosen, onChoose }: MishapModelsProps) {
  if (all.length === 1) return null;
  const toggle = (model: number) => {
    const next = chosen.includes(model)
      ? chosen.filter((each) => each !== model)
      : [...chosen, model].sort((one, other) => one - other);
    if (next.length > 0) onChoose(next);
  };
  return (
    <div className="flow">
      <span>On {counted(chosen.length, 'model')}</span>
      <ButtonGroup className="chips" aria-label="Models it went wrong on">
        {all.map((model) => (
          <Button
            variant="chip"
            key={model}
            aria-label={`Model ${model}`}
            aria-pressed={chosen.includes(model)}
            onClick={() => toggle(model)}
          >
            {model}
          </Button>
        ))}
      </ButtonGroup>
      <Button variant="plain" onClick={() => onChoose(all)}>
        All {all.length}
      </Button>
    </div>
  );
}
