import type { Pot } from '@yellow-ledger/core';
import { Select } from '../../../kit/Select';
import { potChoices } from '../../../kit/pots/potChoice';

interface MeantAsProps {
  meantAs: string | undefined;
  pots: readonly Pot[];
  onMean: (hex: string | undefined) => void;
}

/** The intended colour of a surface at arm’s length: by itself the one its mid ends as, or a chosen one. */
export function MeantAs({ meantAs, pots, onMean }: MeantAsProps) {
  const choices = potChoices(pots);
  const pot = choices.find(({ hex }) => hex === meantAs);
  return (
    <>
      <Select
        label="Meant to read as"
        value={meantAs === undefined ? 'itself' : (pot?.id ?? 'colour')}
        onChoose={(id) =>
          onMean(
            id === 'itself'
              ? undefined
              : (choices.find((each) => each.id === id)?.hex ?? meantAs ?? '#222427'),
          )
        }
        options={[
          { id: 'itself', name: 'what it is by itself' },
          { id: 'colour', name: 'a colour' },
          ...choices,
        ]}
      />
      {meantAs !== undefined && !pot && (
        <label className="form-choice">
          <span>Colour meant</span>
          <input type="color" value={meantAs} onChange={({ target }) => onMean(target.value)} />
        </label>
      )}
    </>
  );
}
