import { clearKinds, type Kept, type Pot } from '@yellow-ledger/core';
import {
  flexRender,
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
  type SortingState,
} from '@tanstack/react-table';
import Button from 'react-bootstrap/Button';
import { Fragment, memo, useMemo, useState } from 'react';
import { CaretDownFill, CaretUpFill } from 'react-bootstrap-icons';
import Table from 'react-bootstrap/Table';
import { stripeKey, useStripes } from './useStripes';
import { PotEditor } from './PotEditor';
import { shelfColumns } from './shelfColumns';
import { ShelfRow } from './ShelfRow';

export interface ShelfTableProps {
  shown: Kept<Pot>[];
  openId: string | null;
  onOpen: (potId: string) => void;
  onClosed: () => void;
}

export const ShelfTable = memo(function ShelfTable(props: ShelfTableProps) {
  const { shown, openId, onOpen, onClosed } = props;
  const [sorting, setSorting] = useState<SortingState>([]);
  const painted = useMemo(
    () => shown.map(({ content }) => content).filter(({ kind }) => !clearKinds.includes(kind)),
    [shown],
  );
  const stripes = useStripes(painted);
  const table = useReactTable({
    data: shown,
    columns: shelfColumns,
    getRowId: ({ content }) => content.id,
    state: { sorting },
    onSortingChange: setSorting,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  return (
    <Table className="shelf-table">
      <thead>
        {table.getHeaderGroups().map((group) => (
          <tr key={group.id}>
            {group.headers.map(({ id, column, getContext }) => {
              const sorted = column.getIsSorted();
              return (
                <th
                  key={id}
                  scope="col"
                  className={`col-${id}`}
                  aria-sort={sorted ? (sorted === 'asc' ? 'ascending' : 'descending') : undefined}
                >
                  {column.getCanSort() ? (
                    <Button variant="name" onClick={column.getToggleSortingHandler()}>
                      {flexRender(column.columnDef.header, getContext())}
                      {sorted === 'asc' && <CaretUpFill aria-hidden />}
                      {sorted === 'desc' && <CaretDownFill aria-hidden />}
                    </Button>
                  ) : (
                    flexRender(column.columnDef.header, getContext())
                  )}
                </th>
              );
            })}
          </tr>
        ))}
      </thead>
      <tbody>
        {table.getRowModel().rows.map((row) => (
          <Fragment key={row.id}>
            {row.id === openId ? (
              <tr className="shelf-open">
                <td colSpan={shelfColumns.length}>
                  <PotEditor kept={row.original} onClose={onClosed} />
                </td>
              </tr>
            ) : (
              <ShelfRow
                kept={row.original}
                stripe={stripes.get(stripeKey(row.original.content))}
                onOpen={onOpen}
              />
            )}
          </Fragment>
        ))}
      </tbody>
    </Table>
  );
});
