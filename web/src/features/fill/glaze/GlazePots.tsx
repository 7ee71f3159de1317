import { clearKinds, glazeRows, type Pot, type Thinning } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useMemo } from 'react';
import { CountField } from '../../../kit/field/CountField';
import { potChoices } from '../../../kit/pots/potChoice';
import { PotPicker } from '../../../kit/pots/PotPicker';
import { Problem } from '../../../kit/Problem';

const mostThinner = 30;

export interface GlazePotsProps {
  pots: readonly Pot[];
  /** the pot of each row; empty where none is chosen */
  potIds: readonly string[];
  onPotIds: (potIds: string[]) => void;
  thinning: Thinning;
  onThinning: (thinning: Thinning) => void;
}

/** The pots of a glaze card, a row each, and how thin they are brushed. */
export function GlazePots({ pots, potIds, onPotIds, thinning, onThinning }: GlazePotsProps) {
  const choices = useMemo(
    () => potChoices(pots.filter(({ kind }) => !clearKinds.includes(kind))),
    [pots],
  );
  const isThinned = thinning.waterParts + thinning.mediumParts > 0;
  return (
    <section aria-label="Pots on the card" className="stacked">
      {potIds.map((id, index) => (
        <div key={index} className="flow">
          <span>Row {index + 1}</span>
          <PotPicker
            label={`Pot of row ${index + 1}`}
            choices={choices}
            chosen={id}
            onChoose={(potId) => onPotIds(potIds.map((each, at) => (at === index ? potId : each)))}
          />
        </div>
      ))}
      {potIds.length < glazeRows && (
        <div>
          <Button variant="outline" size="sm" onClick={() => onPotIds([...potIds, ''])}>
            Another pot
          </Button>
        </div>
      )}
      <div className="flow">
        <CountField
          label="Glaze: 1 part of paint to"
          after="parts of water"
          value={thinning.waterParts}
          most={mostThinner}
          onCount={(waterParts) => onThinning({ ...thinning, waterParts })}
        />
        <CountField
          label="and"
          after="of medium"
          value={thinning.mediumParts}
          most={mostThinner}
          onCount={(mediumParts) => onThinning({ ...thinning, mediumParts })}
        />
      </div>
      {!isThinned && <Problem role="note">A glaze is thinned: say with how many parts.</Problem>}
    </section>
  );
}
