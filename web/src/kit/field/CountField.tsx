import { NumberInput } from './NumberInput';

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
      <NumberInput
        className="count-field"
        step={1}
        isRight={(count) => Number.isInteger(count) && count >= least && count <= most}
        value={value}
        onTyped={(reading) => {
          const typed = reading.is === 'number' ? Math.floor(reading.value) : least;
          onCount(Math.min(most, Math.max(least, typed)));
        }}
      />
      {after && <> {after}</>}
    </label>
  );
}
