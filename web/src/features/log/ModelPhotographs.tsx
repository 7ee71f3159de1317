import { AddPhotograph } from '../../kit/photographs/AddPhotograph';
import { PhotographList } from '../../kit/photographs/PhotographList';
import { usePhotographs } from '../../kit/photographs/usePhotographs';

interface ModelPhotographsProps {
  holderId: string;
  unitId: string;
  model: number;
}

/** Photographs of one model, from before to after. */
export function ModelPhotographs(model: ModelPhotographsProps) {
  const of = usePhotographs({ kind: 'model', ...model });
  return (
    <section className="surface-record" aria-label="Photographs of the model">
      <h2>Photographs</h2>
      <AddPhotograph of={of} shows="in progress" />
      <PhotographList
        of={of}
        empty="Before, in progress, after: they stay with the model, and can be held against what was planned."
      />
    </section>
  );
}
