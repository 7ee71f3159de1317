import { countedCard } from '../../written/pot/glazeCard';
import { clearKinds } from '../../written/pot/pot';
import { flattenMix, type PotShare } from '../../written/recipe/flattenMix';
import { techniqueOf } from '../../written/technique/techniques';
import { glazeFilm } from './laidPaint';
import { isEstimate, potOn, type Shelf } from './mixedPaint';
import type { PaintedStep } from '../../written/recipe/paintedSteps';
import type { Step } from '../../written/recipe/step';

/** The paint on the brush for a line. */
export interface Brush {
  shares: readonly PotShare[];
  earlier: Step[];
  /** all of it that its colour depends on, as text: a message from another thread keeps no identity */
  key: string;
}

/** @throws CarryError, UnknownPotError */
export function brushOf(
  { technique, mix }: Pick<Step, 'technique' | 'mix'>,
  earlier: Step[],
  shelf: Shelf,
): Brush {
  const shares = flattenMix(mix, earlier);
  const pots = shares.map(({ potId, share }) => {
    const pot = potOn(shelf, potId);
    const optics = clearKinds.includes(pot.kind)
      ? 'clear'
      : `${pot.swatch} ${pot.hiding} ${pot.swatchShows ?? ''} ${countedCard(pot)?.overWhite ?? ''}`;
    return `${potId} ${share} ${optics} ${isEstimate(pot)}`;
  });
  const film = techniqueOf(technique).isThinned ? ` × ${glazeFilm(shares, shelf)}` : '';
  return { shares, earlier, key: pots.join() + film };
}

/** All that a line lays depends on beside its brush, as text. */
export function strokeKey({
  technique,
  coats,
  placement,
  mix,
  weight,
  density,
  tool,
}: PaintedStep): string {
  const { from, to, softness, pull, last } = placement;
  return [
    technique,
    coats,
    mix.waterParts,
    mix.mediumParts,
    from,
    to,
    softness,
    pull,
    last?.from,
    last?.to,
    weight,
    density,
    tool?.feathers,
  ].join();
}
