import { asLeft, colourOfHex, type Kept, type Pot } from '@yellow-ledger/core';
import { createColumnHelper } from '@tanstack/react-table';

const column = createColumnHelper<Kept<Pot>>();

/** The sort keys of the shelf, in the order `ShelfRow` shows them. */
export const shelfColumns = [
  column.accessor(({ content }) => colourOfHex(content.swatch).hue, {
    id: 'swatch',
    header: 'Swatch',
  }),
  column.accessor(({ content }) => content.name, { id: 'name', header: 'Name', sortingFn: 'text' }),
  column.accessor(({ content }) => content.kind, { id: 'kind', header: 'Kind' }),
  column.accessor(({ content }) => content.finish, { id: 'finish', header: 'Finish' }),
  column.accessor(({ content }) => content.flow, { id: 'flow', header: 'Flow' }),
  column.accessor(({ content }) => content.hiding, { id: 'hiding', header: 'Coverage' }),
  column.accessor((kept) => asLeft(kept).volumeMl ?? -1, { id: 'left', header: 'Left, ml' }),
  column.accessor(({ content }) => content.notes, {
    id: 'notes',
    header: 'Notes',
    enableSorting: false,
  }),
  column.display({
    id: 'actions',
    header: () => <span className="visually-hidden">Actions</span>,
  }),
];
