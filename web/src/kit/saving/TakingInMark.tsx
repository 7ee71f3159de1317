import Button from 'react-bootstrap/Button';
import type { ImportState } from '../../data/useImportFile';
import { Progress } from '../Progress';

/** How far a file has come that is being imported, and what stops it. */
export function TakingInMark({ taking }: { taking: ImportState | null }) {
  if (!taking) return null;
  const { fileName, share, stop } = taking;
  return (
    <div role="group" aria-label={`Importing ${fileName}`}>
      <p>
        Importing {fileName}: {Math.round(share * 100)} %{' '}
        <Button variant="plain" onClick={stop}>
          Stop and import nothing
        </Button>
      </p>
      <Progress label={`${fileName} imported`} now={share} />
    </div>
  );
}
