import type { GuideMark } from '@yellow-ledger/core';
import type { Guide } from '../../workers/shared/formWork';
import { Pixels } from './FormCanvas';
import './formCanvas.scss';

export interface GuidePictureProps {
  guide: Guide | null;
  size: number;
  label: string;
}

/** Where a line goes on a form, with its strokes drawn over it. */
export function GuidePicture({ guide, size, label }: GuidePictureProps) {
  return (
    <span className="form-well guide-well" role="img" aria-label={label}>
      <Pixels pixels={guide?.pixels ?? null} size={size} />
      <svg viewBox="0 0 100 100" aria-hidden="true">
        {guide?.marks.map((mark, index) => (
          <Mark key={index} mark={mark} />
        ))}
      </svg>
    </span>
  );
}

function Mark({ mark }: { mark: GuideMark }) {
  if (mark.kind === 'dot')
    return <circle cx={mark.at[0] * 100} cy={mark.at[1] * 100} r="1.4" className="guide-dot" />;
  const points = mark.points.map(([x, y]) => [x * 100, y * 100] as const);
  const drawn = mark.hasArrow ? [...points, ...tipOf(points)] : points;
  return (
    <polyline
      points={drawn.map(([x, y]) => `${x.toFixed(2)},${y.toFixed(2)}`).join(' ')}
      className="guide-stroke"
    />
  );
}

/** The two barbs of an arrow, drawn on from its end: back, to the tip again, and back the other way. */
function tipOf(points: readonly (readonly [number, number])[]): (readonly [number, number])[] {
  const end = points[points.length - 1];
  const before = points[Math.max(0, points.length - 4)];
  const angle = Math.atan2(end[1] - before[1], end[0] - before[0]);
  const barb = (turn: number) =>
    [end[0] - 3.5 * Math.cos(angle + turn), end[1] - 3.5 * Math.sin(angle + turn)] as const;
  return [barb(0.6), end, barb(-0.6)];
}
