import Button from 'react-bootstrap/Button';
import { FileButton } from '../../kit/FileButton';
import { Progress } from '../../kit/Progress';

export interface SheetPhotographProps {
  /** what is photographed, as in “Photograph of the sheet” */
  of: 'sheet' | 'glaze card';
  /** what it is read by */
  parts: 'fields' | 'rows';
  /** read so far; null while none is being read */
  done: number | null;
  most: number;
  onFile: (file: File) => void;
  onStop: () => void;
}

/** The photograph of a printed sheet is chosen, and its reading shown and stopped. */
export function SheetPhotograph({ of, parts, done, most, onFile, onStop }: SheetPhotographProps) {
  return (
    <div className="flow">
      <FileButton
        words="Choose the photograph"
        label={`Photograph of the ${of}`}
        variant="next"
        accept="image/jpeg,image/png,image/webp"
        isBusy={done !== null}
        onFile={onFile}
      />
      {done !== null && (
        <>
          <Progress label={parts === 'rows' ? 'Rows read' : 'Fields read'} now={done} max={most} />
          <span role="status">
            {done === 0 ? `Looking for the ${of} …` : `${done} of ${most} ${parts}`}
          </span>
          <Button variant="outline" onClick={onStop}>
            Stop
          </Button>
        </>
      )}
    </div>
  );
}
