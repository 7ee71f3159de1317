import { counted, sharesOf, sharesWithin, type Army, type Unit } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useShortcut } from '../../parts/keyboard/useShortcut';
import { Laid } from '../../parts/Laid';
import { useOpenHere } from '../../parts/useOpenHere';
import { percent } from '../../parts/words/percent';
import type { ChangeArmy } from './changeArmy';
import { newUnit } from './newArmy';
import { UnitEditor } from './UnitEditor';

/** The units of an army, each opened in its place. */
export function UnitList({ army, change }: { army: Army; change: ChangeArmy }) {
  const [openId, setOpenId] = useOpenHere();
  const add = () => {
    const unit = newUnit(army);
    change(`add ${unit.name}`, (before) => ({ ...before, units: [...before.units, unit] }));
    setOpenId(unit.id);
  };
  useShortcut('n', add);
  const put = (unit: Unit) =>
    change(`edit ${unit.name}`, (before) => ({
      ...before,
      units: before.units.map((each) => (each.id === unit.id ? unit : each)),
    }));
  return (
    <>
      {army.units.length === 0 && (
        <p>No unit yet. A unit is so many models of one make, painted by one scheme.</p>
      )}
      <ul className="ruled">
        {army.units.map((unit) => (
          <li key={unit.id}>
            {unit.id === openId ? (
              <UnitEditor
                army={army}
                unit={unit}
                onPut={put}
                onClose={() => setOpenId(null)}
                onDelete={() => {
                  setOpenId(null);
                  change(`delete ${unit.name}`, (before) => ({
                    ...before,
                    units: before.units.filter(({ id }) => id !== unit.id),
                  }));
                }}
              />
            ) : (
              <UnitLine unit={unit} onOpen={() => setOpenId(unit.id)} />
            )}
          </li>
        ))}
      </ul>
      <Button
        variant={openId ? 'outline' : 'next'}
        disabled={army.units.length >= 100}
        onClick={add}
      >
        Add a unit
      </Button>
    </>
  );
}

function UnitLine({ unit, onOpen }: { unit: Unit; onOpen: () => void }) {
  const { name, models, size, areaCm2, surfaces, parts } = unit;
  const sum = sharesOf(unit);
  return (
    <Laid columns="minmax(9rem, 14rem) minmax(8rem, 14rem) minmax(0, 1fr)">
      <Button variant="name" dir="auto" onClick={onOpen}>
        {name}
      </Button>
      <span>
        {counted(models, 'model')}, {size}, {areaCm2} cm²
      </span>
      <span dir="auto">
        {surfaces.map((each) => `${each.name} ${percent(each.share)}`).join(', ')}
        {surfaces.length > 0 && Math.abs(sum - 1) > sharesWithin && (
          <b> · shares add up to {percent(sum)}</b>
        )}
        {parts.length > 0 && (
          <small>
            <br />
            To count:{' '}
            {parts.map(({ name: part, count }) => `${part} ${count ?? 'many'}`).join(', ')}
          </small>
        )}
      </span>
    </Laid>
  );
}
