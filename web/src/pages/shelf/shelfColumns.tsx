import {
  asLeft,
  clearKinds,
  colourOfHex,
  hidingLevelOf,
  stockOf,
  type Kept,
  type Pot,
} from '@yellow-ledger/core';
import { createColumnHelper } from '@tanstack/react-table';
import Button from 'react-bootstrap/Button';
import { StripePicture } from '../../parts/StripePicture';
import { Swatch } from '../../parts/Swatch';
import { stripeKey } from '../../workers/useStripes';
import type { Stripe } from '../../workers/work/potWork';
import { RetireButton } from './RetireButton';

const column = createColumnHelper<Kept<Pot>>();

export function shelfColumns(
  stripes: ReadonlyMap<string, Stripe>,
  onOpen: (potId: string) => void,
) {
  return [
    column.accessor(({ content }) => colourOfHex(content.swatch).hue, {
      id: 'swatch',
      header: 'Swatch',
      cell: ({ row }) => <Swatch hex={row.original.content.swatch} />,
    }),
    column.accessor(({ content }) => content.name, {
      id: 'name',
      header: 'Name',
      sortingFn: 'text',
      cell: ({ row, getValue }) => (
        <Button variant="name" dir="auto" onClick={() => onOpen(row.id)} title="Edit">
          {getValue()}
        </Button>
      ),
    }),
    column.accessor(({ content }) => content.kind, { id: 'kind', header: 'Kind' }),
    column.accessor(({ content }) => content.finish, { id: 'finish', header: 'Finish' }),
    column.accessor(({ content }) => content.flow, { id: 'flow', header: 'Flow' }),
    column.accessor(({ content }) => content.hiding, {
      id: 'hiding',
      header: 'Hiding',
      cell: ({ row }) => <Hiding pot={row.original.content} stripes={stripes} />,
    }),
    column.accessor((kept) => asLeft(kept).volumeMl ?? -1, {
      id: 'left',
      header: 'Left, ml',
      cell: ({ row }) => <Left pot={asLeft(row.original)} />,
    }),
    column.accessor(({ content }) => content.notes, {
      id: 'notes',
      header: 'Notes',
      enableSorting: false,
      cell: ({ getValue }) => <span dir="auto">{getValue()}</span>,
    }),
    column.display({
      id: 'actions',
      header: () => <span className="visually-hidden">Actions</span>,
      cell: ({ row }) => <RetireButton pot={row.original.content} />,
    }),
  ];
}

/** What is left; low and empty in words, since a small figure is easily passed over. */
function Left({ pot }: { pot: Pot }) {
  const state = stockOf(pot);
  return (
    <span className="left-cell">
      {pot.isWanted && <small>to buy</small>}
      {(state === 'low' || state === 'empty') && <b>{state}</b>}
      {state !== 'empty' && <span>{pot.volumeMl ?? '–'}</span>}
    </span>
  );
}

function Hiding({ pot, stripes }: { pot: Pot; stripes: ReadonlyMap<string, Stripe> }) {
  if (clearKinds.includes(pot.kind)) return <span className="shelf-clear">clear</span>;
  const { name } = hidingLevelOf(pot.hiding);
  return (
    <span className="hiding-cell">
      <StripePicture
        stripe={stripes.get(stripeKey(pot))}
        label={`${name}: one coat over black and white`}
      />
      <span>
        {pot.hidingIsGuess && '≈ '}
        {pot.hiding.toFixed(2)} <small>{name}</small>
      </span>
    </span>
  );
}
