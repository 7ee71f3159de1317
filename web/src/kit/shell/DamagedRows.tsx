import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import {
  damagedRows,
  labelOfDamaged,
  useDamagedRows,
  type DamagedRow,
} from '../../data/damagedRows';
import { Problem } from '../Problem';

/** Records that cannot be read: named, with what is wrong, and deleted by who says so. */
export function DamagedRows() {
  const rows = useDamagedRows();
  if (rows.length === 0) return null;
  return (
    <div className="page" style={{ paddingBottom: 0 }}>
      {rows.map((row) => (
        <DamagedOne key={`${row.name} ${row.id}`} row={row} />
      ))}
    </div>
  );
}

function DamagedOne({ row }: { row: DamagedRow }) {
  const [isSure, setIsSure] = useState(false);
  const [why, setWhy] = useState<string | null>(null);
  const label = labelOfDamaged(row.name);
  return (
    <Problem>
      The {label} <b>{row.id}</b> cannot be read, and everything else is as it was: {row.reason}{' '}
      Importing a file that has it mends it. {why && <b>{why} </b>}
      <Button
        variant="plain"
        onClick={() => {
          if (isSure) void damagedRows.remove(row).then(setWhy);
          else setIsSure(true);
        }}
      >
        {isSure ? `Delete this ${label} for good` : 'Delete it …'}
      </Button>
    </Problem>
  );
}
