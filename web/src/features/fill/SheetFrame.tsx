import {
  cornerSquares,
  sheetCorners,
  sheetHeight,
  sheetPatches,
  sheetWidth,
} from '@yellow-ledger/core';
import type { ReactNode } from 'react';

/** Printed black. */
export const sheetInk = '#363636';

/** A sheet as it is printed and found again in a photograph: corners, patches, and its fields. */
export function SheetFrame({ label, children }: { label: string; children: ReactNode }) {
  return (
    <svg
      className="pot-sheet"
      role="img"
      aria-label={label}
      viewBox={`0 0 ${sheetWidth} ${sheetHeight}`}
      width={`${sheetWidth}mm`}
      height={`${sheetHeight}mm`}
    >
      <rect width={sheetWidth} height={sheetHeight} fill="#fff" />
      {sheetCorners.map(({ x, y }) =>
        cornerSquares.map((side, index) => (
          <rect
            key={`${x} ${y} ${side}`}
            x={x - side / 2}
            y={y - side / 2}
            width={side}
            height={side}
            fill={index % 2 === 0 ? sheetInk : '#fff'}
          />
        )),
      )}
      {sheetPatches.map(({ hex, ...box }) => (
        <rect key={hex} {...box} fill={hex} />
      ))}
      {children}
    </svg>
  );
}

/** The marks at both sides of a field between which the stroke goes. */
export function StrokeMarks({
  field: { x, y, width },
  band,
}: {
  field: { x: number; y: number; width: number };
  band: { from: number; to: number };
}) {
  return [band.from, band.to].map((at) => (
    <g key={at} stroke="#8f8f8f" strokeWidth={0.25}>
      <line x1={x - 1} x2={x} y1={y + at} y2={y + at} />
      <line x1={x + width} x2={x + width + 1} y1={y + at} y2={y + at} />
    </g>
  ));
}
