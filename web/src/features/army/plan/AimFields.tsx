import {
  aimNames,
  mostAim,
  usualAims,
  type AimName,
  type Aims,
  type Batch,
} from '@yellow-ledger/core';
import Form from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';

const labels: Record<AimName, string> = {
  shorter: 'Done sooner',
  fewerChanges: 'Fewer changes of paint',
  unitsEarly: 'Each unit finished early',
  lessWaiting: 'Less waiting to dry',
};

const levels = ['does not matter', 'a little', 'as usual', 'more', 'much'];

/** How much each aim of a plan matters. */
export function AimFields({ aims = usualAims }: { aims: Aims | undefined }) {
  const { setValue } = useFormContext<Batch>();
  return (
    <fieldset className="stacked">
      <legend>What matters</legend>
      <div className="unit-row">
        {aimNames.map((name) => (
          <Form.Group key={name} controlId={`aim-${name}`} className="plan-aim">
            <Form.Label>{labels[name]}</Form.Label>
            <Form.Range
              min={0}
              max={mostAim}
              value={aims[name]}
              aria-valuetext={levels[aims[name]]}
              onChange={(event) =>
                setValue('aims', { ...aims, [name]: Number(event.target.value) })
              }
            />
            <Form.Text>{levels[aims[name]]}</Form.Text>
          </Form.Group>
        ))}
      </div>
    </fieldset>
  );
}
