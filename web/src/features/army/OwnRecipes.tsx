import {
  pinKey,
  variedSurfaces,
  withOwnRecipe,
  type Unit,
  workSurfaces,
} from '@yellow-ledger/core';
import { useState } from 'react';
import { useFormContext } from 'react-hook-form';
import { Select } from '../../kit/Select';
import { CountField } from '../../kit/field/CountField';
import { Disclosure } from '../../kit/Disclosure';
import { RecipePinChoice } from './units/RecipePinChoice';

/** Single models that are painted otherwise than their unit; dealt variants stand on their own leaf. */
export function OwnRecipes({ unit }: { unit: Unit }) {
  const { setValue } = useFormContext<Unit>();
  const [model, setModel] = useState(1);
  const [chosenId, setSurfaceId] = useState('');
  const dealt = new Set(variedSurfaces(unit).map(({ id }) => id));
  const free = workSurfaces(unit).filter(({ id }) => !dealt.has(id));
  const surface = free.find(({ id }) => id === chosenId) ?? free.at(0);
  const own = (unit.own ?? []).filter(({ surfaceId }) => !dealt.has(surfaceId));
  const put = (next: Unit['own']) =>
    setValue('own', next && next.length > 0 ? next : undefined, { shouldValidate: true });
  const nameOf = (id: string) =>
    workSurfaces(unit).find((each) => each.id === id)?.name ?? 'a surface';
  if (!surface) return null;
  return (
    <Disclosure
      className="surface-more"
      title={`Single models painted differently${own.length > 0 ? `: ${own.length}` : ''}`}
    >
      <ul>
        {own.map((each) => (
          <li key={`${each.model} ${each.surfaceId}`}>
            <RecipePinChoice
              label={`${nameOf(each.surfaceId)} of model ${each.model}`}
              pin={each.recipe}
              noneMeans="as its unit"
              onPin={(pin) =>
                put(withOwnRecipe(unit.own ?? [], each.model, each.surfaceId, pin ?? null))
              }
            />
          </li>
        ))}
      </ul>
      <div className="flow">
        <CountField label="Model" value={model} least={1} most={unit.models} onCount={setModel} />
        <Select label="Its" value={surface.id} onChoose={setSurfaceId} options={free} />
        <RecipePinChoice
          key={own.map(({ model: each, recipe }) => `${each} ${pinKey(recipe)}`).join()}
          label="is painted by"
          pin={undefined}
          noneMeans="choose a recipe"
          onPin={(pin) => pin && put(withOwnRecipe(unit.own ?? [], model, surface.id, pin))}
        />
      </div>
    </Disclosure>
  );
}
