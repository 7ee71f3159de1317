import { FigureField } from '../../kit/field/FigureField';

const mostDrops = 400;

export interface DropsFieldProps {
  label: string;
  value: number;
  /** called with every right figure */
  onChange: (drops: number) => void;
}

/** A number of drops, halves too. */
export function DropsField({ label, value, onChange }: DropsFieldProps) {
  return (
    <FigureField
      label={label}
      value={value}
      isRight={(drops) => drops > 0 && drops <= mostDrops}
      expected={`above 0, up to ${mostDrops}`}
      onFigure={onChange}
    />
  );
}
