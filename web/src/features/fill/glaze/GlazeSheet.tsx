import {
  glazeField,
  glazeGround,
  glazeGrounds,
  glazeRows,
  groundPart,
  passesBrushed,
  strokeBand,
} from '@yellow-ledger/core';
import { SheetFrame, sheetInk, StrokeMarks } from '../SheetFrame';

const fills = { black: sheetInk, white: 'none', colour: glazeGround } as const;
const rows = Array.from({ length: glazeRows }, (_, index) => index + 1);
const passWords = (passes: number) =>
  passes === 0 ? 'neat, once' : passes === 1 ? '1 pass' : `${passes} passes`;

/** The card as it is printed: a row for each pot, six fields of black, white and a green. */
export function GlazeSheet({ names, thinned }: { names: readonly string[]; thinned: string }) {
  return (
    <SheetFrame label={`The glaze card to print, ${glazeRows} rows of six fields`}>
      {rows.map((row) =>
        passesBrushed.map((passes) => {
          const field = glazeField(row, passes);
          const { x, y, width, height } = field;
          return (
            <g key={`${row} ${passes}`}>
              {glazeGrounds.map((ground) => {
                const part = groundPart(ground);
                return (
                  <rect
                    key={ground}
                    x={x + part.x}
                    y={y}
                    width={part.width}
                    height={height}
                    fill={fills[ground]}
                  />
                );
              })}
              <rect
                x={x + 0.1}
                y={y + 0.1}
                width={width - 0.2}
                height={height - 0.2}
                fill="none"
                stroke="#b0b0b0"
                strokeWidth={0.2}
              />
              <StrokeMarks field={field} band={strokeBand} />
              <text x={x} y={y + height + 3.6} fontSize={2.8} fill="#111">
                {passes === 0
                  ? `${row} ${(names[row - 1] ?? '').slice(0, 14) || passWords(0)}`
                  : `${passWords(passes)}${passes === 1 ? `, ${thinned}` : ''}`}
              </text>
            </g>
          );
        }),
      )}
    </SheetFrame>
  );
}
