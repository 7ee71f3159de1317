import {
  partsWords,
  potNamesOf as namesOfPots,
  readPuddle,
  type AddedDrops,
  type DropMore,
  type Pot,
} from '@yellow-ledger/core';
import { useId, useState, type FormEvent } from 'react';
import Form from 'react-bootstrap/Form';
import { potNamesOf } from '../../../kit/words/recipeWords';

export interface SayDropsProps {
  pots: Pot[];
  puddle: AddedDrops;
  onPut: (more: DropMore) => void;
}

/** Drops said in words, typed or dictated: “drop more ochre”, “bit thinner”. */
export function SayDrops({ pots, puddle, onPut }: SayDropsProps) {
  const id = useId();
  const [sentence, setSentence] = useState('');
  const [told, setTold] = useState('');
  const say = (event: FormEvent) => {
    event.preventDefault();
    const inPuddle = new Set(puddle.pots.map(({ potId }) => potId));
    const reading = readPuddle(sentence, namesOfPots(pots), inPuddle);
    if (reading.is === 'unclear') return setTold(reading.message);
    reading.more.forEach(onPut);
    setTold(putWords(reading.more, potNamesOf(pots)));
    setSentence('');
  };
  return (
    <form onSubmit={say} className="say-drops">
      <Form.Label htmlFor={id}>In words</Form.Label>
      <Form.Control
        id={id}
        value={sentence}
        placeholder="drop more ochre, bit thinner"
        autoCapitalize="none"
        autoComplete="off"
        enterKeyHint="done"
        aria-describedby={`${id}-told`}
        onChange={({ target }) => setSentence(target.value)}
      />
      <p id={`${id}-told`} role="status">
        {told}
      </p>
    </form>
  );
}

/** @example 'Put in 1 Fen Umber + ½ water.' */
function putWords(more: readonly DropMore[], potName: (potId: string) => string): string {
  const each = more.map(({ of, drops }) => {
    const name = typeof of === 'string' ? of : potName(of.potId);
    return drops < 0 ? `${partsWords(-drops)} less ${name}` : `${partsWords(drops)} ${name}`;
  });
  return `Put in ${each.join(' + ')}.`;
}
