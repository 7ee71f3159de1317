import { clearKinds, hidingLevelOf, type Pot } from '@yellow-ledger/core';
import { QRCodeSVG } from 'qrcode.react';
import { labelAt, type LabelSheet } from './labelSheets';

/** The least and the most that a code measures, mm: below it no phone’s camera reads it. */
const leastCode = 12;
const mostCode = 18;

export interface PotLabelProps {
  pot: Pot;
  sheet: LabelSheet;
  place: number;
  /** what the code on it says */
  code: string;
}

/** One pot’s label: its colour, its name, how well a coat covers, and a code for a phone. */
export function PotLabel({ pot, sheet, place, code }: PotLabelProps) {
  const { x, y } = labelAt(sheet, place);
  const codeSize = Math.min(mostCode, sheet.height - 10.5);
  const hasCode = !sheet.isRound && codeSize >= leastCode;
  const kind = pot.kind === 'paint' ? pot.finish : `${pot.kind}, ${pot.finish}`;
  const covers = clearKinds.includes(pot.kind)
    ? []
    : [`coverage ${hidingLevelOf(pot.hiding).name}`];
  return (
    <div
      className={sheet.isRound ? 'pot-label pot-label-round' : 'pot-label'}
      style={{
        left: `${x}mm`,
        top: `${y}mm`,
        width: `${sheet.width}mm`,
        height: `${sheet.height}mm`,
      }}
    >
      <span className="pot-label-colour" style={{ background: pot.swatch }} />
      <span className="pot-label-words">
        <b dir="auto">{pot.name}</b>
        {!sheet.isRound && <span>{[kind, ...covers].join(' · ')}</span>}
      </span>
      {hasCode && (
        <QRCodeSVG value={code} width={`${codeSize}mm`} height={`${codeSize}mm`} marginSize={0} />
      )}
    </div>
  );
}
