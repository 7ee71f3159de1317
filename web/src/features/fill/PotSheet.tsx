import { fieldBox, fieldCount, strokeBand } from '@yellow-ledger/core';
import { SheetFrame, sheetInk, StrokeMarks } from './SheetFrame';

const numbers = Array.from({ length: fieldCount }, (_, index) => index + 1);

/** The sheet as it is printed: numbered fields half black and half white, patches, corners. */
export function PotSheet() {
  return (
    <SheetFrame label={`The sheet to print, ${fieldCount} numbered fields`}>
      {numbers.map((number) => {
        const { x, y, width, height } = fieldBox(number);
        return (
          <g key={number}>
            <rect x={x} y={y} width={width / 2} height={height} fill={sheetInk} />
            <rect
              x={x + width / 2}
              y={y + 0.1}
              width={width / 2 - 0.1}
              height={height - 0.2}
              fill="none"
              stroke="#b0b0b0"
              strokeWidth={0.2}
            />
            <StrokeMarks field={{ x, y, width }} band={strokeBand} />
            <text x={x} y={y + height + 3.9} fontSize={3.6} fill="#111">
              {number}
            </text>
            <line
              x1={x + 6}
              x2={x + width}
              y1={y + height + 4}
              y2={y + height + 4}
              stroke="#8f8f8f"
              strokeWidth={0.2}
            />
          </g>
        );
      })}
    </SheetFrame>
  );
}
