import {
  counted,
  potColumns,
  type BadRow,
  type ColumnMapping,
  type Kept,
  type Pot,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { ReasonButton } from '../../kit/ReasonButton';
import { asProblem } from '../../data/ask';
import { usePutPotsMutation } from '../../data/ledgerApi';
import { Select } from '../../kit/Select';
import { FigureTable } from '../../kit/FigureTable';
import { Disclosure } from '../../kit/Disclosure';
import { PotWords } from '../../kit/pots/PotWords';
import { Problem } from '../../kit/Problem';
import { Progress } from '../../kit/Progress';
import { ledgerWorker } from '../../workers/ledgerWorker';
import type { OpenedTable } from './tableWork';
import { usePreview } from './usePreview';

export interface TablePreviewProps {
  fileName: string;
  table: Exclude<OpenedTable, { problem: string }>;
  kept: readonly Kept<Pot>[];
  /** with what was done, in a sentence */
  onDone: (words: string) => void;
}

/** As many pots as go in at once. */
const mostAtOnce = 5000;
const delimiterNames: Record<string, string> = { ',': 'commas', ';': 'semicolons', '\t': 'tabs' };

/** Which column is which, and what the table would do to the shelf. */
export function TablePreview(props: TablePreviewProps) {
  const { fileName, table } = props;
  const [mapping, setMapping] = useState<ColumnMapping>(table.mapping);
  const columns = table.header.map((name, id) => ({
    id,
    name: `${name || `column ${id + 1}`} (${table.sample[0]?.[id] ?? ''})`,
  }));
  return (
    <div className="table-preview">
      <h3 dir="auto">{fileName}</h3>
      <p>
        {table.rowCount.toLocaleString('en')} rows set apart by{' '}
        {delimiterNames[table.delimiter] ?? `“${table.delimiter}”`}, {table.encoding}.
      </p>
      <Disclosure
        title="Which column is which"
        // Unfolded only where the headings did not tell what matters most.
        isOpen={table.mapping.name === undefined || table.mapping.swatch === undefined}
      >
        <div className="column-choice">
          {potColumns.map(({ field, heading }) => (
            <Select
              key={field}
              label={heading}
              value={mapping[field] ?? ''}
              onChoose={(index) => {
                const { [field]: _before, ...others } = mapping;
                setMapping(index === '' ? others : { ...others, [field]: Number(index) });
              }}
              options={[{ id: '', name: 'not in the file' }, ...columns]}
            />
          ))}
        </div>
      </Disclosure>
      <TableOutcomeView key={JSON.stringify(mapping)} {...props} mapping={mapping} />
    </div>
  );
}

/** Pots a table would add and change, its bad rows by name, and the press that imports it. */
function TableOutcomeView({
  fileName,
  table,
  kept,
  mapping,
  onDone,
}: TablePreviewProps & { mapping: ColumnMapping }) {
  const { done, preview, problem, stop } = usePreview(table.rowCount, mapping, kept);
  const [putPots, { isLoading }] = usePutPotsMutation();
  const [refusal, setRefusal] = useState<string | null>(null);
  const toWrite = preview ? preview.fresh + preview.changed : 0;

  const take = async () => {
    if (!preview) return;
    const result = await putPots(await ledgerWorker.tableWrites());
    if (result.error) return setRefusal(asProblem(result.error).message);
    onDone(`${preview.fresh} pots added and ${preview.changed} changed from ${fileName}.`);
  };

  return (
    <>
      {problem && <p role="alert">{problem}</p>}
      {!preview && !problem && (
        <p className="flow">
          <Progress label="Rows looked at" max={table.rowCount} now={done} />{' '}
          {done.toLocaleString('en')} of {table.rowCount.toLocaleString('en')} rows{' '}
          <Button variant="plain" onClick={stop}>
            Stop
          </Button>
        </p>
      )}
      {preview && (
        <>
          <p role="status">
            <b>{preview.fresh.toLocaleString('en')}</b> new,{' '}
            <b>{preview.changed.toLocaleString('en')}</b> changed,{' '}
            <b>{preview.same.toLocaleString('en')}</b> as they are here,{' '}
            <b>{preview.bad.toLocaleString('en')}</b> bad.
          </p>
          {toWrite > mostAtOnce && (
            <Problem role="note">
              {toWrite.toLocaleString('en')} pots at once are too many: up to{' '}
              {mostAtOnce.toLocaleString('en')} go in. Split the file and take its parts in one
              after the other.
            </Problem>
          )}
          {preview.bad > 0 && <BadRows count={preview.bad} bad={preview.shownBad} />}
          {toWrite > 0 && <PotRows count={toWrite} pots={preview.shown} />}
          {refusal && <Problem>{refusal}</Problem>}
          <ReasonButton
            variant="next"
            isBusy={isLoading}
            why={
              toWrite === 0
                ? 'No row of it can be imported.'
                : toWrite > mostAtOnce
                  ? 'Too many at once.'
                  : null
            }
            onClick={() => void take()}
          >
            {isLoading ? 'Importing …' : `Import ${counted(toWrite, 'pot')}`}
          </ReasonButton>
          {preview.bad > 0 && toWrite > 0 && (
            <small> The bad rows are left out; correct them in the file and import it again.</small>
          )}
        </>
      )}
    </>
  );
}

function BadRows({ count, bad }: { count: number; bad: readonly BadRow[] }) {
  return (
    <ul className="rows bad-rows" aria-label="Bad rows">
      {bad.map(({ row, reasons }) => (
        <li key={row}>
          <b>Row {row}:</b> {reasons.join(' ')}
        </li>
      ))}
      {count > bad.length && <li>and {(count - bad.length).toLocaleString('en')} more rows.</li>}
    </ul>
  );
}

function PotRows({ count, pots }: { count: number; pots: readonly Pot[] }) {
  return (
    <>
      <FigureTable
        heads={['Name', 'Kind', 'Coverage', 'Left, ml']}
        rows={pots.map(({ id, swatch, name, kind, hiding, hidingIsGuess, volumeMl }) => [
          <PotWords key={id} hex={swatch} name={name} />,
          kind,
          `${hidingIsGuess ? '≈ ' : ''}${hiding.toFixed(2)}`,
          volumeMl ?? '–',
        ])}
      />
      {count > pots.length && <p>and {(count - pots.length).toLocaleString('en')} more.</p>}
    </>
  );
}
