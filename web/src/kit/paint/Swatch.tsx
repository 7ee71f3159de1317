import { colourOfHex } from '@yellow-ledger/core';
import { figuresOf } from './Ribbon';
import './swatch.scss';

/** A colour on neutral grey, that tells its figures. */
export function Swatch({ hex, size = 'line' }: { hex: string; size?: 'line' | 'large' }) {
  return (
    <span className={`swatch-well swatch-${size}`} title={figuresOf(colourOfHex(hex))}>
      <span className="swatch" style={{ background: hex }} />
    </span>
  );
}
