import { largestFileBytes } from '@yellow-ledger/core';
import { asProblem } from '../../ledger/ask';
import { useImportFileMutation } from '../../ledger/ledgerApi';
import { FileButton } from '../../parts/FileButton';
import { useNotice } from '../../parts/shell/notices';
import { importedWords } from '../../parts/words/importedWords';

/** Takes in a ledger file. Nothing that is here is overwritten, and it is said what was done. */
export function ImportButton() {
  const [importFile, { isLoading }] = useImportFileMutation();
  const notify = useNotice();

  const take = async (file: File) => {
    if (file.size > largestFileBytes)
      return notify(
        `${file.name} has ${(file.size / 1e6).toFixed(1)} MB; a ledger file has up to ${largestFileBytes / 1e6} MB. Nothing was taken in.`,
      );
    try {
      notify(importedWords(await importFile(await file.text()).unwrap()));
    } catch (error) {
      notify(`${file.name} was not taken in. ${asProblem(error).message}`);
    }
  };

  return (
    <FileButton
      words="Import a file"
      variant="outline"
      isBusy={isLoading}
      label="Ledger file to import"
      accept=".json,application/json"
      onFile={(file) => void take(file)}
    />
  );
}
