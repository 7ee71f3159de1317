import type { DryingAt, HandAt } from '@yellow-ledger/core';

export interface TableFromAboveProps {
  hands: readonly HandAt[];
  drying: readonly DryingAt[];
  hexOf: (mix: number) => string;
  nameOf: (painterId: string) => string;
}

const width = 640;
const height = 300;
const edge = 44;
const dot = 7;
const aRow = 8;

/** Seats along the far and the near side of the table, in turns. */
function seatOf(place: number, count: number) {
  const isFar = place % 2 === 0;
  const inRow = isFar ? Math.ceil(count / 2) : Math.floor(count / 2);
  const x = (width * (Math.floor(place / 2) + 0.5)) / inRow;
  return { x, y: isFar ? edge : height - edge, inwards: isFar ? 1 : -1 };
}

/** Seats, the models in front of them, and in the middle what dries. The same stands below in words. */
export function TableFromAbove({ hands, drying, hexOf, nameOf }: TableFromAboveProps) {
  const across = Math.floor((width - 80) / (dot * 3));
  return (
    <svg className="table-from-above" viewBox={`0 0 ${width} ${height}`} aria-hidden="true">
      <rect
        className="table-top"
        x={8}
        y={edge}
        width={width - 16}
        height={height - 2 * edge}
        rx={10}
      />
      {hands.map((hand, place) => {
        const { x, y, inwards } = seatOf(place, hands.length);
        return (
          <g key={hand.painterId}>
            <text x={x} y={y - inwards * 18} textAnchor="middle" dominantBaseline="middle">
              {nameOf(hand.painterId)}
            </text>
            <circle className="table-seat" cx={x} cy={y} r={10} />
            {hand.run && (
              <Models hand={hand} x={x} y={y + inwards * 26} inwards={inwards} hexOf={hexOf} />
            )}
          </g>
        );
      })}
      {drying.slice(0, across * 2).map(({ run, model, left }, i) => {
        const x = 40 + dot * 3 * (i % across) + dot;
        const y = height / 2 + (Math.floor(i / across) - 0.5) * dot * 3;
        return (
          <g key={`${run.from} ${run.painterId} ${model}`}>
            <circle cx={x} cy={y} r={dot} fill={hexOf(run.mix)} className="table-model" />
            <circle
              className="table-drying"
              cx={x}
              cy={y}
              r={dot + 2}
              pathLength={1}
              strokeDasharray={`${left} 1`}
              transform={`rotate(-90 ${x} ${y})`}
            />
          </g>
        );
      })}
    </svg>
  );
}

interface ModelsProps {
  hand: HandAt;
  x: number;
  y: number;
  inwards: number;
  hexOf: (mix: number) => string;
}

/** The models of a run: those through filled, the one in the hand larger. */
function Models({ hand, x, y, inwards, hexOf }: ModelsProps) {
  const { run, doing, through } = hand;
  if (!run) return null;
  const shown = run.models.slice(0, aRow * 3);
  const rowLength = Math.min(aRow, shown.length);
  return shown.map((model, i) => {
    const isInHand = doing === 'painting' && i === through;
    return (
      <circle
        key={model}
        className={doing === 'painting' ? 'table-model' : 'table-model is-waiting'}
        cx={x + ((i % aRow) - (rowLength - 1) / 2) * dot * 2.4}
        cy={y + inwards * Math.floor(i / aRow) * dot * 2.4}
        r={isInHand ? dot + 2 : dot - 1}
        fill={i < through ? hexOf(run.mix) : 'none'}
        strokeWidth={isInHand ? 3 : 1}
      />
    );
  });
}
