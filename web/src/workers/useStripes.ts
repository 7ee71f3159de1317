import type { Pot } from '@yellow-ledger/core';
import { useEffect, useState } from 'react';
import type { Stripe } from './work/potWork';
import { ledgerWorker } from './ledgerWorker';

type Painted = Pick<Pot, 'swatch' | 'hiding'>;
export const stripeKey = ({ swatch, hiding }: Painted) => `${swatch} ${hiding}`;

/** What one coat of each pot leaves on a card, by `stripeKey`; filled in by the worker. */
export function useStripes(pots: readonly Painted[]): ReadonlyMap<string, Stripe> {
  const [stripes, setStripes] = useState<ReadonlyMap<string, Stripe>>(new Map());
  const wanted = pots.map(stripeKey).join();

  useEffect(() => {
    let isCurrent = true;
    const asked = pots.map(({ swatch, hiding }) => ({ swatch, hiding }));
    void ledgerWorker.stripes(asked).then((found) => {
      if (isCurrent) setStripes(new Map(asked.map((pot, i) => [stripeKey(pot), found[i]])));
    });
    return () => {
      isCurrent = false;
    };
    // `wanted` says everything of `pots` that the stripes depend on.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [wanted]);

  return stripes;
}
