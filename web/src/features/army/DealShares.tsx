import { dealtWithShares, mostShare, pinKey, type Army, type Unit } from '@yellow-ledger/core';
import { CountField } from '../../kit/field/CountField';

interface DealSharesProps {
  army: Army;
  unit: Unit;
  surface: Unit['surfaces'][number];
  names: Readonly<Record<string, string>>;
  onShares: (shares: number[]) => void;
}

/** How often each recipe of a surface is dealt beside the others. */
export function DealShares({ army, unit, surface, names, onShares }: DealSharesProps) {
  const dealt = dealtWithShares(army, surface);
  const count = 1 + (surface.variants?.length ?? 0);
  const shares = Array.from({ length: count }, (_, i) => surface.shares?.[i] ?? 1);
  // A recipe named twice is dealt once, by its first share: then the places do not match.
  if (dealt.length !== count) return null;
  const all = shares.reduce((sum, share) => sum + share, 0);
  return (
    <fieldset className="deal-shares">
      <legend>How many of each {surface.name}</legend>
      {dealt.map(({ recipe }, place) => (
        <CountField
          key={pinKey(recipe)}
          label={`${names[recipe.recipeId] ?? 'a recipe'}: about ${Math.round((unit.models * shares[place]) / all)} of ${unit.models}`}
          value={shares[place]}
          least={1}
          most={mostShare}
          onCount={(share) => onShares(shares.map((each, i) => (i === place ? share : each)))}
        />
      ))}
    </fieldset>
  );
}
