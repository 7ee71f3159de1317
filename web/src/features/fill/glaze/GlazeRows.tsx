import { hidingLevelOf, type GlazeRowReading, type Pot } from '@yellow-ledger/core';
import Form from 'react-bootstrap/Form';
import { useState } from 'react';
import { ReasonButton } from '../../../kit/ReasonButton';
import { FigureTable } from '../../../kit/FigureTable';
import { Swatch } from '../../../kit/paint/Swatch';

export interface GlazeRowsProps {
  rows: readonly GlazeRowReading[];
  /** the pot of each row of the card */
  pots: readonly (Pot | undefined)[];
  onTake: (rows: readonly GlazeRowReading[]) => void;
}

const heads = [
  'Take',
  'Pot',
  'Thick',
  'One coat on white',
  'Coverage',
  'Your pass of glaze',
  'How sure',
];

/** The reading of each row of a glaze card; the ticked ones go into their pots. */
export function GlazeRows({ rows, pots, onTake }: GlazeRowsProps) {
  const brushed = rows.filter(({ is }) => is !== 'empty');
  const mayTake = ({ row, fit }: GlazeRowReading) => fit !== null && pots[row - 1] !== undefined;
  const [left, setLeft] = useState(
    new Set(rows.flatMap(({ row, is }) => (is === 'sure' ? [] : [row]))),
  );
  const taken = brushed.filter((each) => mayTake(each) && !left.has(each.row));
  if (brushed.length === 0) return <p role="status">No row of the card is brushed.</p>;
  return (
    <div className="stacked">
      <FigureTable
        label="What the card tells, a table"
        heads={heads}
        rows={brushed.map((reading) => {
          const { row, fit } = reading;
          const pot = pots[row - 1];
          const name = pot?.name ?? `Row ${row}, no pot chosen`;
          return [
            <Form.Check
              key="take"
              aria-label={`Take row ${row}, ${name}`}
              disabled={!mayTake(reading)}
              checked={mayTake(reading) && !left.has(row)}
              onChange={({ target }) => {
                const next = new Set(left);
                if (target.checked) next.delete(row);
                else next.add(row);
                setLeft(next);
              }}
            />,
            name,
            fit && <Swatch hex={fit.thick} />,
            fit && <Swatch hex={fit.overWhite} />,
            fit && hidingLevelOf(fit.hiding).name,
            fit && filmWords(fit),
            sureWords(reading),
          ];
        })}
      />
      <div>
        <ReasonButton
          variant="next"
          why={taken.length === 0 ? 'Choose the pot of a row first.' : null}
          onClick={() => onTake(taken)}
        >
          {taken.length === 1 ? 'Take it for 1 pot' : `Take them for ${taken.length} pots`}
        </ReasonButton>
      </div>
    </div>
  );
}

function filmWords({ film, filmError }: { film: number; filmError: number }): string {
  const percent = Math.round(100 * film);
  const error = Math.max(1, Math.round(100 * film * filmError));
  return `${percent} % of the usual film, ± ${error}`;
}

function sureWords({ is, because, fit, passes }: GlazeRowReading): string {
  if (!fit) return because ?? 'It was not read.';
  const thin = `Its thin colour to about ${Math.max(1, Math.round(fit.colourError))} ΔE00, by ${passes} passes.`;
  return is === 'sure' ? thin : `Unsure: ${because ?? ''} ${thin}`;
}
