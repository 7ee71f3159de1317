import { PotWords } from '../pots/PotWords';

export interface ShareListProps {
  /** shares of pots, 0–1 */
  shares: readonly { potId: string; share: number }[];
  potHex: (potId: string) => string;
  potName: (potId: string) => string;
}

/** The parts of a mix, pot by pot. */
export function ShareList({ shares, potHex, potName }: ShareListProps) {
  return (
    <ul className="rows">
      {shares.map(({ potId, share }) => (
        <li key={potId}>
          <PotWords hex={potHex(potId)} name={potName(potId)} />{' '}
          <b>{(share * 100).toFixed(share < 0.1 ? 1 : 0)} %</b>
        </li>
      ))}
    </ul>
  );
}
