import { sideNames, sideWords, type AimSide, type WrittenAim } from '@yellow-ledger/core';
import Form from 'react-bootstrap/Form';
import { Select } from '../../../kit/Select';
import { FigureField } from '../../../kit/field/FigureField';
import { TurningBody } from './TurningBody';

export interface SideFieldProps {
  facing: WrittenAim['facing'];
  onFacing: (facing: WrittenAim['facing']) => void;
}

const usualWithin = 75;

/** The side places have to face: pressed on a small body that turns, chosen in words, and how near. */
export function SideField({ facing, onFacing }: SideFieldProps) {
  const choose = (side: AimSide | '') =>
    onFacing(side === '' ? undefined : { side, within: facing?.within ?? usualWithin });
  const turn = (within: number) => facing && onFacing({ ...facing, within });
  return (
    <div className="flow">
      <TurningBody side={facing?.side} onSide={choose} />
      <Select
        label="Faces"
        value={facing?.side ?? ''}
        onChoose={choose}
        options={[
          { id: '', name: 'any way' },
          ...sideNames.map((id) => ({ id, name: sideWords(id).label })),
        ]}
      />
      {facing && (
        <>
          <Form.Range
            className="short-range"
            aria-label="Degrees from that side"
            min={0}
            max={180}
            step={5}
            value={facing.within}
            onChange={({ target }) => turn(Number(target.value))}
          />
          <FigureField
            label="within, degrees"
            value={facing.within}
            isRight={(each) => each >= 0 && each <= 180}
            expected="a number from 0 to 180"
            onFigure={turn}
          />
        </>
      )}
    </div>
  );
}
