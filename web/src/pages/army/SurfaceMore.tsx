import {
  figurePlaceNames,
  figurePlaces,
  holdsBack,
  placesOf,
  type Unit,
  type UnitSurface,
} from '@yellow-ledger/core';
import Form from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';
import { Field } from '../../parts/Field';
import { OptionalField } from '../../parts/OptionalField';
import { RecipePinChoice } from './RecipePinChoice';

/** What else can be said of a surface, in the form of its unit. */
export function SurfaceMore({
  index,
  surface,
}: {
  index: number;
  surface: UnitSurface | undefined;
}) {
  const { register, setValue } = useFormContext<Unit>();
  if (!surface) return null;
  const at = `surfaces.${index}` as const;
  const variants = surface.variants ?? [];
  const putVariants = (next: UnitSurface['variants']) =>
    setValue(`${at}.variants`, next?.length ? next : undefined, { shouldValidate: true });
  const said = surface.places ?? [];
  const lies = placesOf(surface);
  return (
    <details className="surface-more">
      <summary>More about {surface.name}</summary>
      <div className="unit-row">
        <OptionalField name={`${at}.subAssembly`} label="Painted apart, as" />
        <Field name={`${at}.holdBack`} label="Held back to the end">
          {(attributes) => (
            <Form.Select
              size="sm"
              {...attributes}
              {...register(`${at}.holdBack`, { setValueAs: (typed) => typed || undefined })}
            >
              <option value="">varnish only</option>
              {holdsBack.map((each) => (
                <option key={each}>{each}</option>
              ))}
            </Form.Select>
          )}
        </Field>
        <Form.Check
          id={`${surface.id}-hidden`}
          label="Hidden once put together: base only"
          checked={surface.isHidden ?? false}
          onChange={(event) =>
            setValue(`${at}.isHidden`, event.target.checked || undefined, { shouldValidate: true })
          }
        />
      </div>
      <fieldset className="place-checks">
        <legend>Where it lies on the figure</legend>
        {figurePlaceNames.map((place) => (
          <label key={place}>
            <input
              type="checkbox"
              checked={lies.includes(place)}
              onChange={(event) => {
                const base = said.length > 0 ? said : [...lies];
                const next = event.target.checked
                  ? [...base, place]
                  : base.filter((each) => each !== place);
                setValue(`${at}.places`, next.length > 0 ? next : undefined, {
                  shouldValidate: true,
                });
              }}
            />{' '}
            {figurePlaces[place].says}
          </label>
        ))}
      </fieldset>
      {variants.map((pin, place) => (
        <div className="variant-row" key={place}>
          <RecipePinChoice
            label={`Variant ${place + 1} of ${surface.name}`}
            pin={pin}
            noneMeans="take this variant out"
            onPin={(next) =>
              putVariants(
                next
                  ? variants.map((each, i) => (i === place ? next : each))
                  : variants.filter((_, i) => i !== place),
              )
            }
          />
        </div>
      ))}
      {variants.length < 12 && (
        <RecipePinChoice
          key={variants.length}
          label={`Another variant of ${surface.name}`}
          pin={undefined}
          noneMeans="no further variant"
          onPin={(next) => next && putVariants([...variants, next])}
        />
      )}
    </details>
  );
}
