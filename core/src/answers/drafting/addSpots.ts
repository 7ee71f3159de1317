import { colourOfHex } from '../../light/colour/colourOfHex';
import type { Pot } from '../../written/pot/pot';
import { formField } from '../../written/place/formField';
import { forms, type FormName, type ReadySpot } from '../../written/place/forms';
import type { Spot } from '../../written/place/shape';
import { usualShare } from '../../written/place/spotWeights';
import type { Thinning } from '../../written/mix/mix';
import type { Shelf } from '../../predicted/paint/mixedPaint';
import { paintsAtHand } from './choosePots';
import type { DraftLine, DraftLines } from './draftLines';
import type { Tones } from './tones';

const countedAt = 96;
/** Spots are glazed thinner than the rest, by so much. */
const thinner = 4;
/** Colours that redden skin: neither pink nor brown, and not near black. */
const warm = { chromaFrom: 28, valueFrom: 22, valueTo: 62, hueTo: 45, hueFrom: 345 };

/**
 * Lines for the spots a form has of itself: cheeks and lips redder, sockets darker, a glint.
 *
 * @returns the spots those lines are aimed at
 */
export function addSpots(tones: Tones, lines: DraftLines, form: FormName, shelf: Shelf): Spot[] {
  const reddest = redOf(shelf);
  return (forms[form].spots ?? []).flatMap((ready) => {
    const pot = potFor(ready, tones, reddest);
    if (!ready.asks || !pot) return [];
    const spot = spotOf(ready, form);
    lines.add(lineFor(ready.asks, pot, spot, tones));
    return [spot];
  });
}

function lineFor(
  asks: NonNullable<ReadySpot['asks']>,
  pot: Pot,
  spot: Spot,
  tones: Tones,
): DraftLine {
  const whole = { from: 0, to: 1, pull: 'even' as const, aim: { spot: spot.id } };
  const parts: DraftLine['parts'] = [{ from: 'pot', potId: pot.id, parts: 1 }];
  if (asks === 'light')
    return {
      stage: 'detail',
      technique: 'point',
      parts,
      thinning: tones.layerThinning,
      placement: { ...whole, softness: 0 },
      level: 'table',
    };
  return {
    stage: 'glaze',
    technique: 'placedGlaze',
    parts,
    thinning: thinned(tones.glazeThinning),
    placement: { ...whole, softness: 0.2 },
    passes: 3,
    dryMinutes: 20,
    level: 'table',
  };
}

const thinned = ({ waterParts, mediumParts }: Thinning): Thinning => ({
  waterParts: waterParts * thinner,
  mediumParts: mediumParts * thinner,
});

function potFor({ asks }: ReadySpot, { darkPot, lightPot, isWash }: Tones, red: Pot | null) {
  if (asks === 'warm') return red;
  if (asks === 'light') return lightPot;
  return isWash ? null : darkPot;
}

function redOf(shelf: Shelf): Pot | null {
  const fits = paintsAtHand(shelf).flatMap((pot) => {
    const { hue, chroma, value } = colourOfHex(pot.swatch);
    const isRed = hue <= warm.hueTo || hue >= warm.hueFrom;
    const isRight = chroma >= warm.chromaFrom && value >= warm.valueFrom && value <= warm.valueTo;
    return isRed && isRight ? [{ pot, chroma }] : [];
  });
  return fits.sort((one, other) => other.chroma - one.chroma).at(0)?.pot ?? null;
}

const spotOf = (ready: ReadySpot, form: FormName): Spot => ({
  id: ready.name.replaceAll(/\W+/g, '-'),
  name: ready.name[0].toUpperCase() + ready.name.slice(1),
  share: Math.round(usualShare(formField({ form }, countedAt), ready) * 1000) / 1000,
  ...(ready.softness !== undefined && { softness: ready.softness }),
});
