import type { ReactNode } from 'react';
import Table from 'react-bootstrap/Table';

export interface FigureTableProps {
  /** what stands over the columns; none where every row says it all */
  heads?: readonly ReactNode[];
  /** each begins with what it is about */
  rows: readonly (readonly ReactNode[])[];
  /** what it is, for who does not see it; wide ones can be moved by the keys then */
  label?: string;
  className?: string;
}

/** Figures in rows and columns; what is too wide for the page scrolls by itself. */
export function FigureTable({ heads, rows, label, className = '' }: FigureTableProps) {
  return (
    <div
      className="table-responsive"
      {...(label && { tabIndex: 0, role: 'region', 'aria-label': label })}
    >
      <Table className={`figures ${className}`}>
        {heads && (
          <thead>
            <tr>
              {heads.map((head, column) => (
                <th scope="col" key={column}>
                  {head}
                </th>
              ))}
            </tr>
          </thead>
        )}
        <tbody>
          {rows.map(([about, ...cells], row) => (
            <tr key={row}>
              <th scope="row">{about}</th>
              {cells.map((cell, column) => (
                <td key={column}>{cell}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </Table>
    </div>
  );
}
