import { colourOfHex } from '../../../light/colour/colourOfHex';
import { hueApart } from '../../../light/colour/hueApart';
import type { Pot } from '../../../written/pot/pot';
import { potsOf } from '../adviceContext';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** So little metal is a trace that nobody sees; so little matt paint in it only tones it. */
const seenFrom = 0.08;
const tonesUpTo = 0.3;
/** From half on the metal carries a matt paint of its own hue: a brown in gold. */
const carriesFrom = 0.5;
const ownHue = 45;
/** Weaker than this, C, a paint has no hue of its own. */
const hueFrom = 12;

/** Metal stirred with matt paint: the flakes are buried, and it reads as a dirty paint. */
export const metalInMatt = rule(11, ({ judged, shelf }) => {
  return judged.flatMap((line): Finding[] => {
    const pots = potsOf(line, shelf);
    const shareOf = (isMeant: (pot: (typeof pots)[number]['pot']) => boolean) =>
      pots.reduce((sum, { pot, share }) => sum + (isMeant(pot) ? share : 0), 0);
    const metal = shareOf(({ finish }) => finish === 'metallic');
    const matt = shareOf(({ kind, finish }) => kind === 'paint' && finish === 'matt');
    if (metal < seenFrom || matt <= tonesUpTo) return [];
    if (metal >= carriesFrom && pots.every(({ pot }) => isToning(pot, pots))) return [];
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

/** A matt paint that darkens a metal and leaves its colour: near it in hue, or with none. */
function isToning(pot: Pot, pots: readonly { pot: Pot }[]): boolean {
  if (pot.finish === 'metallic') return true;
  const own = colourOfHex(pot.swatch);
  return pots
    .filter((each) => each.pot.finish === 'metallic')
    .every((each) => {
      const metal = colourOfHex(each.pot.swatch);
      if (own.chroma < hueFrom) return true;
      return metal.chroma >= hueFrom && Math.abs(hueApart(metal.hue, own.hue)) <= ownHue;
    });
}
