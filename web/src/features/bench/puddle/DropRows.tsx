import { partsWords, type AddedDrops, type DropMore, type Pot } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { PotWords } from '../../../kit/pots/PotWords';
import { potHexesOf } from '../../../kit/words/potHexes';
import { potNamesOf } from '../../../kit/words/recipeWords';

export interface DropRowsProps {
  pots: Pot[];
  puddle: AddedDrops;
  onPut: (more: DropMore) => void;
}

/** A row with minus and plus for each pot of a puddle, its water and its medium. */
export function DropRows({ pots, puddle, onPut }: DropRowsProps) {
  const potName = potNamesOf(pots);
  const potHex = potHexesOf(pots);
  const rows: { name: string; hex?: string; of: DropMore['of']; drops: number }[] = [
    ...puddle.pots.map(({ potId, drops }) => ({
      name: potName(potId),
      hex: potHex(potId),
      of: { potId },
      drops,
    })),
    { name: 'Water', of: 'water', drops: puddle.water },
    { name: 'Medium', of: 'medium', drops: puddle.medium },
  ];
  return (
    <ul className="rows drop-rows">
      {rows.map(({ name, hex, of, drops }) => (
        <li key={typeof of === 'string' ? of : of.potId} className="across">
          <span>
            <PotWords hex={hex} name={name} />
          </span>
          <Button
            variant="outline"
            aria-label={`A drop less: ${name}`}
            disabled={drops === 0}
            onClick={() => onPut({ of, drops: -Math.min(1, drops) })}
          >
            −
          </Button>
          <b>{partsWords(drops)}</b>
          <Button
            variant="outline"
            aria-label={`A drop more: ${name}`}
            onClick={() => onPut({ of, drops: 1 })}
          >
            +
          </Button>
        </li>
      ))}
    </ul>
  );
}
