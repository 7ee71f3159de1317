import { surfaces, type Army } from '@yellow-ledger/core';
import { Disclosure } from '../../../kit/Disclosure';
import type { ChangeArmy } from '../changeArmy';
import { RecipePinChoice } from './RecipePinChoice';

/** The recipe of each kind of surface, for every unit that has none of its own. */
export function SchemeTable({ army, change }: { army: Army; change: ChangeArmy }) {
  const inUse = surfaces.filter((kind) =>
    army.units.some((unit) => unit.surfaces.some(({ surface }) => surface === kind)),
  );
  if (inUse.length === 0) return null;
  return (
    <Disclosure title="Recipes of the whole army, by kind of surface">
      <div className="scheme-rows">
        {inUse.map((kind) => (
          <RecipePinChoice
            key={kind}
            label={kind}
            pin={army.scheme.find(({ surface }) => surface === kind)?.recipe}
            noneMeans="none for all"
            onPin={(recipe) =>
              change(`choose the army’s recipe for ${kind}`, (before) => ({
                ...before,
                scheme: [
                  ...before.scheme.filter(({ surface }) => surface !== kind),
                  ...(recipe ? [{ surface: kind, recipe }] : []),
                ],
              }))
            }
          />
        ))}
      </div>
    </Disclosure>
  );
}
