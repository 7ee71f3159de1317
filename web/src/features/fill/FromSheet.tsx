import {
  fieldCount,
  guessedByName,
  namesListed,
  practicePots,
  type FieldReading,
  type PracticeFault,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { WordsField } from '../../kit/field/WordsField';
import { Disclosure } from '../../kit/Disclosure';
import { Problem } from '../../kit/Problem';
import type { Begun } from './begun';
import type { WayProps } from './wayProps';
import { PotSheet } from './PotSheet';
import { PracticePicture } from './PracticePicture';
import { SheetPhotograph } from './SheetPhotograph';
import { pictureWorker } from '../../workers/pictureWorker';
import { useSheetReading, type SheetReader } from './useSheetReading';

const fieldReader: SheetReader<FieldReading> = {
  start: (file, called, onDone) => pictureWorker().readSheet(file, called, onDone),
  stop: () => pictureWorker().stopReadingSheet(),
};
const practicePhotograph = (faults: readonly PracticeFault[], seed: number) =>
  pictureWorker().practiceSheet(
    practicePots(seed, faults.includes('empty fields') ? 0.3 : 0.03),
    faults,
    seed,
  );

/** A stroke of each pot across a printed sheet, and one photograph of it. */
export function FromSheet({ onBegun }: WayProps) {
  const [names, setNames] = useState('');
  const [told, setTold] = useState<string | null>(null);
  const take = (fields: FieldReading[]) => {
    const called = namesListed(names);
    const brushed = fields.filter(({ is }) => is === 'sure' || is === 'unsure');
    setTold(wordsOf(fields));
    onBegun(brushed.flatMap((field) => begunOf(field, called[field.number - 1] ?? '')));
  };
  const { read, stop, done, problem } = useSheetReading(fieldReader, take);
  return (
    <div className="stacked fill-way">
      <ol>
        <li>
          Print the sheet, in colour, at its full size, on matt white paper.{' '}
          <Button variant="outline" size="sm" onClick={() => window.print()}>
            Print the sheet
          </Button>
        </li>
        <li>
          Brush one neat stroke of each pot across its field, over black and white, between the
          marks at its sides. Above and below it the field stays bare. Let it dry.
        </li>
        <li>Photograph the whole sheet in even light, flat, without flash, all corners in it.</li>
      </ol>
      <WordsField
        label="Names in the order of the numbers, one a line (if you like)"
        rows={3}
        words={names}
        onWords={setNames}
      />
      <SheetPhotograph
        of="sheet"
        parts="fields"
        done={done}
        most={fieldCount}
        onFile={(file) => void read(file, file.name)}
        onStop={stop}
      />
      {problem && <Problem>{problem}</Problem>}
      {told && <p role="status">{told}</p>}
      <Disclosure title="Try it with a practice picture">
        <PracticePicture
          draw={practicePhotograph}
          isBusy={done !== null}
          onPicture={(blob) => void read(blob, 'The practice picture')}
        />
      </Disclosure>
      <Disclosure title="The sheet">
        <PotSheet />
      </Disclosure>
      <div className="pot-sheet-paper">
        <PotSheet />
      </div>
    </div>
  );
}

function wordsOf(fields: readonly FieldReading[]): string {
  const count = (is: FieldReading['is']) => fields.filter((field) => field.is === is).length;
  return [
    `${count('sure')} fields are read, ${count('unsure')} are not sure, ${count('empty')} are empty.`,
    count('unread') > 0 && `${count('unread')} lie outside the picture.`,
    'A photograph tells a colour to about 3 ΔE00; try a pot that matters over a card.',
  ]
    .filter(Boolean)
    .join(' ');
}

/** A field as a pot: its colour from the stroke, its kind and finish from its name. */
function begunOf({ number, is, pot, because }: FieldReading, name: string): Begun[] {
  const { kind, finish, flow } = guessedByName(name);
  return pot
    ? [
        {
          key: `field ${number}`,
          isIn: is === 'sure',
          name: name || `Field ${number}`,
          kind,
          finish,
          flow,
          swatch: pot.swatch,
          ...(pot.swatchShows !== 'thick and dry' && { swatchShows: pot.swatchShows }),
          hiding: Math.round(pot.hiding * 100) / 100,
          hidingIsGuess: is !== 'sure',
          tells:
            is === 'sure' ? `Field ${number}: read.` : `Field ${number}, unsure: ${because ?? ''}`,
        },
      ]
    : [];
}
