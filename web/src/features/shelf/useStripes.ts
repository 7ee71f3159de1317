import type { Pot } from '@yellow-ledger/core';
import type { Stripe } from '../../workers/shared/potWork';
import { ofNothing } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';

const none: ReadonlyMap<string, Stripe> = new Map();

type Painted = Pick<Pot, 'swatch' | 'hiding' | 'swatchShows'>;
export const stripeKey = ({ swatch, hiding, swatchShows }: Painted) =>
  `${swatch} ${hiding} ${swatchShows ?? ''}`;

/** One coat of each pot on a card, by `stripeKey`; filled in by the worker. */
export function useStripes(pots: readonly Painted[]): ReadonlyMap<string, Stripe> {
  const asked = pots.map(({ swatch, hiding, swatchShows }) => ({ swatch, hiding, swatchShows }));
  const { answer } = useAnswer(
    ofNothing,
    [pots.map(stripeKey).join()],
    async (worker) => {
      const found = await worker.stripes(asked);
      return new Map(asked.map((pot, i) => [stripeKey(pot), found[i]]));
    },
    asked.length > 0,
  );
  return answer ?? none;
}
