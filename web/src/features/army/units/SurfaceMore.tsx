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
import { Disclosure } from '../../../kit/Disclosure';
import { OptionalField, OptionalSelect } from '../../../kit/field/OptionalField';
import { CheckboxGroup } from '../../../kit/CheckboxGroup';
import { RecipePinChoice } from './RecipePinChoice';

/** Further settings of a surface, in the form of its unit. */
export function SurfaceMore({
  index,
  surface,
}: {
  index: number;
  surface: UnitSurface | undefined;
}) {
  const { setValue } = useFormContext<Unit>();
  if (!surface) return null;
  const at = `surfaces.${index}` as const;
  const variants = surface.variants ?? [];
  const putVariants = (next: UnitSurface['variants'], shares = surface.shares) => {
    setValue(`${at}.shares`, next?.length ? shares : undefined);
    setValue(`${at}.variants`, next?.length ? next : undefined, { shouldValidate: true });
  };
  return (
    <Disclosure className="surface-more" title={`More about ${surface.name}`}>
      <div className="unit-row">
        <OptionalField name={`${at}.subAssembly`} label="Painted apart, as" />
        <OptionalSelect
          name={`${at}.holdBack`}
          label="Held back to the end"
          noneMeans="varnish only"
          names={holdsBack}
        />
        <Form.Check
          id={`${surface.id}-hidden`}
          label="Hidden once put together: base only"
          checked={surface.isHidden ?? false}
          onChange={(event) =>
            setValue(`${at}.isHidden`, event.target.checked || undefined, { shouldValidate: true })
          }
        />
      </div>
      <CheckboxGroup
        legend={`Where ${surface.name} lies on the figure`}
        options={figurePlaceNames.map((value) => ({ value, name: figurePlaces[value].says }))}
        ticked={placesOf(surface)}
        onTicked={(places) =>
          setValue(`${at}.places`, places.length > 0 ? places : undefined, { shouldValidate: true })
        }
      />
      {variants.map((pin, place) => (
        <div className="variant-row" key={place}>
          <RecipePinChoice
            label={`Variant ${place + 1} of ${surface.name}`}
            pin={pin}
            noneMeans="remove this variant"
            onPin={(next) =>
              putVariants(
                next
                  ? variants.map((each, i) => (i === place ? next : each))
                  : variants.filter((_, i) => i !== place),
                // The first share is of the recipe it has.
                next ? surface.shares : surface.shares?.filter((_, i) => i !== place + 1),
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
    </Disclosure>
  );
}
