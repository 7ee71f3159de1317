import ProgressBar from 'react-bootstrap/ProgressBar';

/** How far something has come, 0 to `max`. */
export function Progress({ label, now, max = 1 }: { label: string; now: number; max?: number }) {
  return (
    <div className="progress">
      <ProgressBar isChild now={now} max={max} aria-label={label} />
    </div>
  );
}
