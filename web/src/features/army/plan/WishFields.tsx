import type { Army, Batch, Wish } from '@yellow-ledger/core';
import Form from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';
import { Options } from '../../../kit/Select';

const whens = [
  { id: 'first', name: 'before the others' },
  { id: 'last', name: 'after the others' },
];

export interface WishFieldsProps {
  army: Army;
  wishes: Batch['wishes'];
  /** there is more than one painter */
  isShared: boolean;
}

/** Units wanted first or last, and those that one painter paints. */
export function WishFields({ army, wishes = [], isShared }: WishFieldsProps) {
  const { setValue } = useFormContext<Batch>();
  const put = (unitId: string, change: Partial<Wish>) => {
    const before = wishes.find((wish) => wish.unitId === unitId) ?? { unitId };
    const next: Wish = { ...before, ...change };
    const others = wishes.filter((wish) => wish.unitId !== unitId);
    setValue('wishes', next.when || next.oneHand ? [...others, next] : others, {
      shouldValidate: true,
    });
  };
  return (
    <fieldset className="stacked">
      <legend>Units</legend>
      {army.units.map(({ id, name }) => {
        const wish = wishes.find(({ unitId }) => unitId === id);
        return (
          <div key={id} className="wish-row">
            <Form.Group controlId={`wish-${id}`} className="wish-when">
              <Form.Label dir="auto">{name}</Form.Label>
              <Form.Select
                size="sm"
                value={wish?.when ?? ''}
                onChange={({ target }) =>
                  put(id, {
                    when:
                      target.value === 'first' || target.value === 'last'
                        ? target.value
                        : undefined,
                  })
                }
              >
                <option value="">when it fits best</option>
                <Options of={whens} />
              </Form.Select>
            </Form.Group>
            {isShared && (
              <Form.Check
                id={`one-hand-${id}`}
                label={<span dir="auto">One painter for {name}</span>}
                checked={wish?.oneHand ?? false}
                onChange={({ target }) => put(id, { oneHand: target.checked || undefined })}
              />
            )}
          </div>
        );
      })}
    </fieldset>
  );
}
