import { useNavigate } from 'react-router';
import { useImportFile } from '../../data/useImportFile';
import { FileButton } from '../../kit/FileButton';
import { useNotice } from '../../kit/shell/notices';
import { TakingInMark } from '../../kit/saving/TakingInMark';
import { allLeftOut, importedWords, isSaidWhole } from '../../kit/words/importedWords';

/** Takes in a ledger file. Nothing that is here is overwritten, and it is said what was done. */
export function ImportButton() {
  const { take, taking } = useImportFile();
  const notify = useNotice();
  const navigate = useNavigate();

  const takeIn = async (file: File) => {
    const done = await take(file);
    if ('problem' in done) return notify(done.problem, { isProblem: true });
    notify(importedWords(done.imported));
    // All that was left out is listed where there is room for it.
    if (!isSaidWhole(done.imported))
      void navigate('/shelf/files', { state: { leftOut: allLeftOut(done.imported) } });
  };

  return (
    <>
      <FileButton
        words="Import a file"
        variant="outline"
        isBusy={taking !== null}
        label="Ledger file to import"
        accept=".json,application/json"
        onFile={(file) => void takeIn(file)}
      />
      <TakingInMark taking={taking} />
    </>
  );
}
