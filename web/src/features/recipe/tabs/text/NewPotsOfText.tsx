import {
  clearKinds,
  guessedByName,
  guessedHiding,
  potBegun,
  potKinds,
  potSaid,
  unknownPots,
  withNamed,
  type Pot,
  type PotNames,
  type ProposedLine,
  type ReadProposedLine,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useState } from 'react';
import { useWriter } from '../../../../data/useWriter';
import { Options } from '../../../../kit/Select';
import { potChoices } from '../../../../kit/pots/potChoice';
import { PotPicker } from '../../../../kit/pots/PotPicker';
import './textLeaf.scss';

export interface NewPotsOfTextProps {
  read: readonly ReadProposedLine[];
  names: PotNames;
  onLines: (lines: ProposedLine[]) => void;
}

/** Names of a text that no pot has: which pot is meant, or a new one with its colour. */
export function NewPotsOfText({ read, names, onLines }: NewPotsOfTextProps) {
  const unknown = unknownPots(read);
  if (unknown.length === 0) return null;
  return (
    <section className="stacked" aria-label="Pots that are not on the shelf">
      <h2>Not on the shelf</h2>
      <ul className="ruled">
        {unknown.map((name) => (
          <UnknownPot
            key={name}
            name={name}
            names={names}
            onIs={(potId) => onLines(withNamed(read, name, potSaid(potId, { names })))}
          />
        ))}
      </ul>
    </section>
  );
}

function UnknownPot(props: { name: string; names: PotNames; onIs: (potId: string) => void }) {
  const { name, names, onIs } = props;
  const writer = useWriter();
  const guess = guessedByName(name);
  const [swatch, setSwatch] = useState(guess.swatch);
  const [kind, setKind] = useState(guess.kind);
  const [isChosen, setChosen] = useState(guess.by !== 'nothing');
  const putOnShelf = () =>
    writer.create(
      'pots',
      `put ${name} on the shelf`,
      potBegun(
        {
          name,
          kind,
          finish: guess.finish,
          swatch,
          hiding: guessedHiding(kind, guess.hiding),
          notes: 'From notes that were put in; colour and hiding are guesses.',
        },
        crypto.randomUUID(),
      ),
    );
  return (
    <li className="new-pot">
      <b dir="auto">{name}</b>
      <PotPicker label={`${name} is`} choices={potChoices(names.pots)} chosen="" onChoose={onIs} />
      <label>
        or new{' '}
        <input
          type="color"
          aria-label={`Colour of ${name}`}
          value={swatch}
          onChange={({ target }) => {
            setSwatch(target.value);
            setChosen(true);
          }}
        />
      </label>
      <Form.Select
        size="sm"
        aria-label={`Kind of ${name}`}
        value={kind}
        onChange={({ target }) => setKind(target.value as Pot['kind'])}
      >
        <Options of={potKinds} />
      </Form.Select>
      <Button
        variant="outline"
        disabled={!isChosen && !clearKinds.includes(kind)}
        onClick={putOnShelf}
      >
        Put {name} on the shelf
      </Button>
      <small>
        {isChosen || clearKinds.includes(kind)
          ? guess.by === 'word' &&
            swatch === guess.swatch &&
            'Its colour is a guess by its name: choose it nearer.'
          : 'Choose its colour first: nothing can be predicted without it.'}
      </small>
    </li>
  );
}
