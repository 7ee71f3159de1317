import { fileFormats, formatOfFile, takenIn, type Kept, type Pot } from '@yellow-ledger/core';
import { useState } from 'react';
import { asProblem } from '../../ledger/ask';
import { useImportFileMutation } from '../../ledger/ledgerApi';
import { FileButton } from '../../parts/FileButton';
import { Problem } from '../../parts/Problem';
import { useNotice } from '../../parts/shell/notices';
import { importedWords } from '../../parts/words/importedWords';
import { ledgerWorker } from '../../workers/ledgerWorker';
import type { OpenedTable } from '../../workers/work/tableWork';
import { TablePreview } from './TablePreview';

interface Opened {
  fileName: string;
  table: Exclude<OpenedTable, { problem: string }>;
}

const endings = takenIn.flatMap((name) => fileFormats[name].endings);
const endingsWords = endings.join(', ');
/** @example 'A table of pots (.csv), a palette (.gpl) or a ledger file (.json)' */
const takenWords = takenIn
  .map((name) => `${fileFormats[name].what} (${fileFormats[name].endings[0]})`)
  .join(', ')
  .replace(/, ([^,]*)$/, ' or $1')
  .replace(/^a/, 'A');

/** Takes a file in: a table and a palette are looked at first, a ledger file overwrites nothing. */
export function TakeIn({ kept }: { kept: readonly Kept<Pot>[] }) {
  const notify = useNotice();
  const [opened, setOpened] = useState<Opened | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [importFile, { isLoading }] = useImportFileMutation();

  const open = async (file: File) => {
    setOpened(null);
    setProblem(null);
    const format = formatOfFile(file.name);
    if (!format)
      return setProblem(`${file.name} ends otherwise than what can be taken in: ${endingsWords}.`);
    const { largestBytes = Infinity, isTakenWhole } = fileFormats[format];
    if (file.size > largestBytes)
      return setProblem(
        `${file.name} has ${(file.size / 1e6).toFixed(1)} MB; up to ${largestBytes / 1e6} MB are taken in. Nothing was changed.`,
      );
    if (isTakenWhole) {
      const result = await importFile(await file.text());
      if (result.error) return setProblem(`${file.name}: ${asProblem(result.error).message}`);
      return notify(importedWords(result.data));
    }
    const table = await ledgerWorker.openTable(await file.arrayBuffer(), format);
    if ('problem' in table) setProblem(`${file.name}: ${table.problem}`);
    else setOpened({ fileName: file.name, table });
  };

  return (
    <section aria-labelledby="take-in-head">
      <h2 id="take-in-head">Take in</h2>
      <p>{takenWords}. A table or a palette is shown first: nothing is written until you say so.</p>
      <FileButton
        words="Choose a file"
        variant={opened ? 'outline' : 'next'}
        isBusy={isLoading}
        label="File to take in"
        accept={[...endings, ...takenIn.map((name) => fileFormats[name].mediaType)].join()}
        onFile={(file) => void open(file)}
      />
      {problem && <Problem>{problem}</Problem>}
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
