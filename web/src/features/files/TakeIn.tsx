import {
  fileFormats,
  formatOfFile,
  importableFormats,
  type Kept,
  type Pot,
} from '@yellow-ledger/core';
import { useState } from 'react';
import { useLocation } from 'react-router';
import { z } from 'zod';
import { useImportFile } from '../../data/useImportFile';
import { FileButton } from '../../kit/FileButton';
import { Problem } from '../../kit/Problem';
import { useNotice } from '../../kit/shell/notices';
import { TakingInMark } from '../../kit/saving/TakingInMark';
import { allLeftOut, importedWords } from '../../kit/words/importedWords';
import { ledgerWorker } from '../../workers/ledgerWorker';
import type { OpenedTable } from './tableWork';
import { LeftOut } from './LeftOut';
import { TablePreview } from './TablePreview';

interface Opened {
  fileName: string;
  table: Exclude<OpenedTable, { problem: string }>;
}

const endings = importableFormats.flatMap((name) => fileFormats[name].endings);
const endingsWords = endings.join(', ');
/** @example 'A table of pots (.csv), a palette (.gpl) or a ledger file (.json)' */
const takenWords = importableFormats
  .map((name) => `${fileFormats[name].what} (${fileFormats[name].endings[0]})`)
  .join(', ')
  .replace(/, ([^,]*)$/, ' or $1')
  .replace(/^a/, 'A');

const elsewhereSchema = z.object({ leftOut: z.array(z.string()) });

/** Rows left out of a file that was imported on another page, which has no room to list them. */
function useLeftOutElsewhere(): readonly string[] {
  const read = elsewhereSchema.safeParse(useLocation().state);
  return read.success ? read.data.leftOut : [];
}

/** Takes a file in: a table and a palette are looked at first, a ledger file overwrites nothing. */
export function TakeIn({ kept }: { kept: readonly Kept<Pot>[] }) {
  const notify = useNotice();
  const [opened, setOpened] = useState<Opened | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [leftOut, setLeftOut] = useState<readonly string[]>(useLeftOutElsewhere());
  const { take, taking } = useImportFile();

  const open = async (file: File) => {
    setOpened(null);
    setProblem(null);
    setLeftOut([]);
    const format = formatOfFile(file.name);
    if (!format)
      return setProblem(
        `${file.name} is of a kind that cannot be imported. These can: ${endingsWords}.`,
      );
    const { largestBytes = Infinity, isTakenWhole } = fileFormats[format];
    if (file.size > largestBytes)
      return setProblem(
        `${file.name} has ${(file.size / 1e6).toFixed(1)} MB; up to ${largestBytes / 1e6} MB are imported. Nothing was changed.`,
      );
    if (isTakenWhole) {
      const done = await take(file);
      if ('problem' in done) return setProblem(done.problem);
      setLeftOut(allLeftOut(done.imported));
      return notify(importedWords(done.imported));
    }
    const table = await ledgerWorker.openTable(await file.arrayBuffer(), format);
    if ('problem' in table) setProblem(`${file.name}: ${table.problem}`);
    else setOpened({ fileName: file.name, table });
  };

  return (
    <section aria-labelledby="take-in-head">
      <h2 id="take-in-head">Import</h2>
      <p>{takenWords}. A table or a palette is shown first: nothing is written until you say so.</p>
      <FileButton
        words="Choose a file"
        variant={opened ? 'outline' : 'next'}
        isBusy={taking !== null}
        label="File to import"
        accept={[
          ...endings,
          ...importableFormats.map((name) => fileFormats[name].mediaType),
        ].join()}
        onFile={(file) => void open(file)}
      />
      <TakingInMark taking={taking} />
      {problem && <Problem>{problem}</Problem>}
      <LeftOut leftOut={leftOut} />
      {opened && (
        <TablePreview
          key={opened.fileName + opened.table.rowCount}
          {...opened}
          kept={kept}
          onDone={(words) => {
            setOpened(null);
            notify(words);
          }}
        />
      )}
    </section>
  );
}
