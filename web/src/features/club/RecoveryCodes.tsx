import Button from 'react-bootstrap/Button';
import { ActionBar } from '../../kit/ActionBar';
import { Problem } from '../../kit/Problem';
import { useCopied } from '../../kit/hooks/useCopied';

export interface RecoveryCodesProps {
  codes: readonly string[];
  /** pressed once they are kept somewhere */
  onKept: () => void;
}

/** Codes for when the phone is lost, shown this once. */
export function RecoveryCodes({ codes, onKept }: RecoveryCodesProps) {
  const text = codes.join('\n');
  const { isCopied, copy } = useCopied(text);
  return (
    <div className="opened">
      <Problem role="status">
        Write these recovery codes down, or save them: they are shown this once. Each lets you in
        once, if your phone is lost.
      </Problem>
      <ul className="recovery-codes" aria-label="Recovery codes">
        {codes.map((code) => (
          <li key={code}>{code}</li>
        ))}
      </ul>
      <ActionBar className="club-deeds">
        <Button variant="outline" onClick={() => void copy()}>
          {isCopied ? 'Copied' : 'Copy the codes'}
        </Button>
        <Button
          as="a"
          variant="outline"
          href={`data:text/plain;charset=utf-8,${encodeURIComponent(text)}`}
          download="yellow-ledger-recovery-codes.txt"
        >
          Save as a file
        </Button>
        <Button variant="next" onClick={onKept}>
          I have kept them
        </Button>
      </ActionBar>
    </div>
  );
}
