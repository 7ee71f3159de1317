import {
  corrected,
  correctionId,
  mixOfBrushed,
  mixWords,
  thinningWords,
  type CoatEntry,
} from '@yellow-ledger/core';
import { useMemo, useState } from 'react';
import Form from 'react-bootstrap/Form';
import { useCollection } from '../../data/useCollections';
import { FigureField } from '../field/FigureField';
import { ReasonButton } from '../ReasonButton';
import { Select } from '../Select';
import { modelsWords } from '../words/modelsWords';
import { potNamesOf } from '../words/recipeWords';
import { mixesNoted, type MixNoted } from './mixesNoted';
import { modelsOfText } from './modelsOfText';

export interface CorrectionFormProps {
  entry: CoatEntry;
  /** models there are in its unit */
  models: number;
  onCorrected: (right: CoatEntry) => void;
}

/** On which models, with which mix and how long a coat was really painted. */
export function CorrectionForm({ entry, models: most, onCorrected }: CorrectionFormProps) {
  const log = useCollection('log');
  const pots = useCollection('pots');
  const [text, setText] = useState(modelsWords(entry.where.models));
  const [minutes, setMinutes] = useState(entry.minutes ?? Math.round(entry.reckoned));
  const [mixIndex, setMixIndex] = useState('0');
  const mixes = useMemo(() => mixesNoted(entry, log ?? []), [entry, log]);
  const potName = useMemo(() => potNamesOf(pots?.map(({ content }) => content) ?? []), [pots]);
  const models = modelsOfText(text, most);
  const mix = mixes.at(Number(mixIndex));
  const correct = (right: readonly number[]) =>
    onCorrected(
      corrected(
        entry,
        { models: right, minutes, ...(mixIndex !== '0' && mix && { mix }) },
        correctionId(entry.id, log ?? []),
      ),
    );
  return (
    <form
      className="flow"
      aria-label="Correct this coat"
      onSubmit={(event) => {
        event.preventDefault();
        if (models) correct(models);
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
      {mixes.length > 1 && (
        <Select
          label="It was the mix"
          value={mixIndex}
          onChoose={setMixIndex}
          options={mixes.map((each, index) => ({
            id: String(index),
            name: mixName(each, potName),
          }))}
        />
      )}
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

const mixName = ({ brushed }: MixNoted, potName: (potId: string) => string) =>
  `${mixWords(mixOfBrushed(brushed), potName, () => 0)}, ${thinningWords(brushed)}`;
