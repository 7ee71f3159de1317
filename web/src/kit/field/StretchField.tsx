import type { ReactNode } from 'react';
import Form from 'react-bootstrap/Form';
import { AxisNames } from './AxisNames';
import { FigureField } from './FigureField';
import { Figures } from '../figures/Figures';
import './stretchField.scss';

export interface StretchFieldProps {
  /** what is chosen, for who does not see it */
  label: string;
  from: number;
  to: number;
  /** the ends it has to stay within */
  least?: number;
  most?: number;
  onMove: (from: number, to: number) => void;
  /** names under the track, each at its place */
  marks: readonly { name: string; at: number }[];
  /** drawn behind the names */
  children?: ReactNode;
}

/** From one place on an axis to another: two grips on one track, and a field for each figure where numbers are shown. */
export function StretchField(props: StretchFieldProps) {
  const { label, from, to, least = 0, most = 1, onMove, marks, children } = props;
  const isRight = (at: number) => at >= least && at <= most;
  const moveFrom = (at: number) => onMove(Math.min(Math.max(at, least), to), to);
  const moveTo = (at: number) => onMove(from, Math.max(Math.min(at, most), from));
  return (
    <div className="stretch-field" role="group" aria-label={label}>
      <div className="placement-axis">
        <div className="axis-track">
          <span
            className="axis-span"
            style={{ left: `${from * 100}%`, width: `${(to - from) * 100}%` }}
          />
          <AxisEnd label={`${label} starts at`} at={from} onMove={moveFrom} />
          <AxisEnd label={`${label} ends at`} at={to} onMove={moveTo} />
        </div>
        <AxisNames names={marks}>{children}</AxisNames>
      </div>
      <Figures>
        <FigureField
          label="from"
          value={from}
          isRight={(at) => isRight(at) && at <= to}
          expected={`a number from ${least} to ${to}`}
          onFigure={(at) => onMove(at, to)}
        />
        <FigureField
          label="to"
          value={to}
          isRight={(at) => isRight(at) && at >= from}
          expected={`a number from ${from} to ${most}`}
          onFigure={(at) => onMove(from, at)}
        />
      </Figures>
    </div>
  );
}

interface AxisEndProps {
  label: string;
  at: number;
  onMove: (at: number) => void;
}

/** One end of it; both lie on one track, and a pointer takes hold of the grips alone. */
const AxisEnd = ({ label, at, onMove }: AxisEndProps) => (
  <Form.Range
    className="axis-end"
    aria-label={label}
    min={0}
    max={1}
    step={0.01}
    value={at}
    onChange={({ target }) => onMove(Number(target.value))}
  />
);
