import {
  cornerSquares,
  fieldBox,
  fieldCount,
  sheetCorners,
  sheetHeight,
  sheetPatches,
  sheetWidth,
  strokeBand,
} from '@yellow-ledger/core';

const ink = '#363636';
const numbers = Array.from({ length: fieldCount }, (_, index) => index + 1);

/** The sheet as it is printed: numbered fields half black and half white, patches, corners. */
export function PotSheet() {
  return (
    <svg
      className="pot-sheet"
      role="img"
      aria-label={`The sheet to print, ${fieldCount} numbered fields`}
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
            fill={index % 2 === 0 ? ink : '#fff'}
          />
        )),
      )}
      {sheetPatches.map(({ hex, ...box }) => (
        <rect key={hex} {...box} fill={hex} />
      ))}
      {numbers.map((number) => {
        const { x, y, width, height } = fieldBox(number);
        return (
          <g key={number}>
            <rect x={x} y={y} width={width / 2} height={height} fill={ink} />
            <rect
              x={x + width / 2}
              y={y + 0.1}
              width={width / 2 - 0.1}
              height={height - 0.2}
              fill="none"
              stroke="#b0b0b0"
              strokeWidth={0.2}
            />
            {[strokeBand.from, strokeBand.to].map((at) => (
              <g key={at} stroke="#8f8f8f" strokeWidth={0.25}>
                <line x1={x - 1} x2={x} y1={y + at} y2={y + at} />
                <line x1={x + width} x2={x + width + 1} y1={y + at} y2={y + at} />
              </g>
            ))}
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
    </svg>
  );
}
