import Button from 'react-bootstrap/Button';
import { useRef } from 'react';

export interface FileButtonProps {
  /** on the button */
  words: string;
  variant: 'next' | 'outline';
  isBusy: boolean;
  /** what the file is, for who does not see the button */
  label: string;
  accept: string;
  onFile: (file: File) => void;
  /** a phone opens its camera for it */
  fromCamera?: boolean;
}

/** A button that asks for one file; the same file can be chosen twice running. */
export function FileButton(props: FileButtonProps) {
  const { words, variant, isBusy, label, accept, onFile, fromCamera = false } = props;
  const chooser = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button variant={variant} disabled={isBusy} onClick={() => chooser.current?.click()}>
        {isBusy ? 'Importing …' : words}
      </Button>
      <input
        ref={chooser}
        type="file"
        accept={accept}
        hidden
        {...(fromCamera && { capture: 'environment' })}
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
    </>
  );
}
