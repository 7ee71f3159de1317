import Form from 'react-bootstrap/Form';

export interface CountFieldProps {
  /** before the field */
  label: React.ReactNode;
  /** after it */
  after?: React.ReactNode;
  value: number;
  least?: number;
  most: number;
  onCount: (count: number) => void;
}

/** A whole number that counts as it is typed, kept within its bounds; it stands in no form. */
export function CountField({ label, after, value, least = 0, most, onCount }: CountFieldProps) {
  return (
    <label dir="auto">
      {label}{' '}
      <Form.Control
        size="sm"
        type="number"
        className="count-field"
        min={least}
        max={most}
        value={value}
        onChange={(event) => {
          const typed = Math.floor(Number(event.target.value)) || least;
          onCount(Math.min(most, Math.max(least, typed)));
        }}
      />
      {after && <> {after}</>}
    </label>
  );
}
