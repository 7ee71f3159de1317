import { potsOf } from '../adviceContext';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** So little metal is a trace that nobody sees; from the second on the metal carries the matt paint. */
const seenFrom = 0.08;
const carriesFrom = 0.5;

/** Metal stirred into more matt paint than metal: the flakes are buried, and it reads as a dirty paint. */
export const metalInMatt = rule(11, ({ judged, shelf }) => {
  return judged.flatMap((line): Finding[] => {
    const pots = potsOf(line, shelf);
    const shareOf = (isMeant: (pot: (typeof pots)[number]['pot']) => boolean) =>
      pots.reduce((sum, { pot, share }) => sum + (isMeant(pot) ? share : 0), 0);
    const metal = shareOf(({ finish }) => finish === 'metallic');
    const matt = shareOf(({ kind, finish }) => kind === 'paint' && finish === 'matt');
    if (metal < seenFrom || metal >= carriesFrom || matt <= metal) return [];
    return [
      {
        stepId: line.step.id,
        sentence: `${Math.round(metal * 100)} % metal in matt paint: the flakes are buried, and it neither shines nor stays clean.`,
        figure: { value: Math.round(metal * 100), unit: '% metal' },
        fixes: [],
      },
    ];
  });
});
