import { formOf, forms, mostSpots, stepSchema, type Spot, type Step } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { useFormContext } from 'react-hook-form';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import { Select } from '../../../kit/Select';
import type { SpotFieldProps } from './placementProps';
import { SpotSheet } from './SpotSheet';

const readyMark = 'ready ';
const ownMark = 'own ';

/** The spot a line is on: one of the recipe, one the form has of itself, or one of the painter's. */
export function SpotField(props: SpotFieldProps) {
  const { draft, step, placement, deeds, aim, onAim } = props;
  const { recipe } = draft;
  const [isOpen, setIsOpen] = useState(false);
  const spots = recipe.spots ?? [];
  const known = spots.find(({ id }) => id === aim.spot);
  const isFull = spots.length >= mostSpots;
  const form = formOf(recipe);
  const { answer: ofForm } = useAnswer(ofShelf, [form], (worker) => worker.readySpots(form));
  const taken = new Set(spots.map(({ name }) => name.trim().toLowerCase()));
  const ready = isFull ? [] : (ofForm ?? []).filter(({ name }) => !taken.has(name));
  const { getValues } = useFormContext<Step>();
  const begin = (spot: Spot) => {
    const aimedAt = { ...aim, spot: spot.id };
    if (stepSchema.safeParse(getValues()).success)
      deeds.putSpots([...spots, spot], { ...step, placement: { ...placement, aim: aimedAt } });
    else {
      // Invalid input stands in the form alone: a line put back would throw it away.
      deeds.putSpots([...spots, spot]);
      onAim(aimedAt);
    }
    setIsOpen(true);
  };
  const choose = (chosen: string) => {
    const own = ready.find(({ name }) => readyMark + name === chosen);
    if (own) begin({ id: crypto.randomUUID(), ...own, name: capital(own.name) });
    else if (chosen === ownMark)
      begin({ id: crypto.randomUUID(), name: `Spot ${spots.length + 1}`, share: 0.05 });
    else onAim({ ...aim, spot: chosen === '' ? undefined : chosen });
  };
  const isGone = aim.spot !== undefined && !known;
  return (
    <>
      <Select label="On a spot" value={aim.spot ?? ''} onChoose={choose}>
        <option value="">none</option>
        {isGone && <option value={aim.spot}>one that is gone</option>}
        {spots.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
        {ready.map(({ name }) => (
          <option key={name} value={readyMark + name}>
            {name}, as {forms[form].label} has it
          </option>
        ))}
        {!isFull && <option value={ownMark}>a new spot …</option>}
      </Select>
      {known && (
        <Button variant="plain" aria-expanded={isOpen} onClick={() => setIsOpen(!isOpen)}>
          {isOpen ? 'Close the spot' : 'Change the spot'}
        </Button>
      )}
      {known && isOpen && <SpotSheet key={known.id} {...props} spot={known} />}
    </>
  );
}

const capital = (text: string) => text[0].toUpperCase() + text.slice(1);
