import {
  asLeft,
  clearKinds,
  hidingLevelOf,
  stockOf,
  type Kept,
  type Pot,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { memo } from 'react';
import { StripePicture } from '../../kit/paint/StripePicture';
import { Swatch } from '../../kit/paint/Swatch';
import type { Stripe } from '../../workers/shared/potWork';
import { RetireButton } from './RetireButton';

export interface ShelfRowProps {
  kept: Kept<Pot>;
  /** what one coat of it leaves on a card; not yet known at first */
  stripe: Stripe | undefined;
  onOpen: (potId: string) => void;
}

/** A pot in the table. It is drawn anew only when it changes: every letter typed into another asks. */
export const ShelfRow = memo(function ShelfRow({ kept, stripe, onOpen }: ShelfRowProps) {
  const { content } = kept;
  return (
    <tr
      className={content.retired ? 'shelf-retired' : undefined}
      onClick={(event) => {
        // The name is the button for keys and readers; a click anywhere else does the same.
        if (!(event.target as Element).closest('button, a, input')) onOpen(content.id);
      }}
    >
      <td className="col-swatch">
        <Swatch hex={content.swatch} />
      </td>
      <td className="col-name">
        <Button variant="name" dir="auto" onClick={() => onOpen(content.id)} title="Edit">
          {content.name}
        </Button>
      </td>
      <td className="col-kind">{content.kind}</td>
      <td className="col-finish">{content.finish}</td>
      <td className="col-flow">{content.flow}</td>
      <td className="col-hiding">
        <Hiding pot={content} stripe={stripe} />
      </td>
      <td className="col-left">
        <Left pot={asLeft(kept)} />
      </td>
      <td className="col-notes">
        <span dir="auto">{content.notes}</span>
      </td>
      <td className="col-actions">
        <RetireButton pot={content} />
      </td>
    </tr>
  );
});

/** The paint left; low and empty in words, since a small figure is easily passed over. */
function Left({ pot }: { pot: Pot }) {
  const state = stockOf(pot);
  return (
    <span className="left-cell">
      {pot.isWanted && <small>to buy</small>}
      {(state === 'low' || state === 'empty') && <b>{state}</b>}
      {state !== 'empty' && <span>{leftWords(pot.volumeMl)}</span>}
    </span>
  );
}

function Hiding({ pot, stripe }: { pot: Pot; stripe: Stripe | undefined }) {
  if (clearKinds.includes(pot.kind)) return <span className="shelf-clear">clear</span>;
  const { name } = hidingLevelOf(pot.hiding);
  return (
    <span className="hiding-cell">
      <StripePicture stripe={stripe} label={`${name}: one coat over black and white`} />
      <span>
        {pot.hidingIsGuess && '≈ '}
        {pot.hiding.toFixed(2)} <small>{name}</small>
      </span>
    </span>
  );
}

/** To a tenth of a millilitre, as people write it. */
const leftWords = (ml: number | null | undefined): string =>
  ml === null || ml === undefined ? '–' : String(Math.round(ml * 10) / 10);
