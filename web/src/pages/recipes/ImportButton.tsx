import { largestFileBytes } from '@yellow-ledger/core';
import { useRef } from 'react';
import { useNotice } from '../../parts/shell/notices';
import { asProblem, useImportFileMutation, type Imported } from '../../store/ledgerApi';

/** Takes in a ledger file. Nothing that is here is overwritten, and it is said what was done. */
export function ImportButton() {
  const [importFile, { isLoading }] = useImportFileMutation();
  const notify = useNotice();
  const chooser = useRef<HTMLInputElement>(null);

  const take = async (file: File) => {
    if (file.size > largestFileBytes)
      return notify(
        `${file.name} has ${(file.size / 1e6).toFixed(1)} MB; a ledger file has up to ${largestFileBytes / 1e6} MB. Nothing was taken in.`,
      );
    try {
      notify(wordsOf(await importFile(await file.text()).unwrap()));
    } catch (error) {
      notify(`${file.name} was not taken in. ${asProblem(error).message}`);
    }
  };

  return (
    <>
      <button
        type="button"
        className="outline-button"
        disabled={isLoading}
        onClick={() => chooser.current?.click()}
      >
        {isLoading ? 'Taking it in …' : 'Import a file'}
      </button>
      <input
        ref={chooser}
        type="file"
        accept=".json,application/json"
        hidden
        aria-label="Ledger file to import"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) void take(file);
        }}
      />
    </>
  );
}

function wordsOf({ recipes, potsAdded, potsKept, potsDiffering }: Imported): string {
  const names = recipes.map(({ name }) => name).join(', ') || 'no recipe';
  const kept = potsKept > 0 ? `, ${potsKept} were here already` : '';
  const differing =
    potsDiffering.length > 0 ? ` Your own figures were kept for ${potsDiffering.join(', ')}.` : '';
  return `Taken in: ${names}. ${potsAdded} pots were new${kept}.${differing}`;
}
