import { counted, pinOf, sharesOf, sharesWithin, type Army, type Unit } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { ReasonButton } from '../../../kit/ReasonButton';
import { useShortcut } from '../../../kit/keyboard/useShortcut';
import { Grid } from '../../../kit/Grid';
import { Ribbon } from '../../../kit/paint/Ribbon';
import { useOpenHere } from '../../../kit/hooks/useOpenHere';
import { percent } from '../../../kit/words/percent';
import { useLastRibbons } from '../../../workers/useLastRibbons';
import { useRecipeList } from '../../../workers/useRecipeRows';
import type { ChangeArmy } from '../changeArmy';
import { newUnit } from '../newArmy';
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
  const { recipes } = useRecipeList();
  const pinned = army.units.flatMap((unit) =>
    unit.surfaces.flatMap((surface) => pinOf(army, surface)?.recipeId ?? []),
  );
  const ribbons = useLastRibbons([...new Set(pinned)], recipes);
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
                ribbons={ribbons}
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
              <UnitLine
                army={army}
                unit={unit}
                ribbons={ribbons}
                onOpen={() => setOpenId(unit.id)}
              />
            )}
          </li>
        ))}
      </ul>
      <ReasonButton
        variant={openId ? 'outline' : 'next'}
        why={army.units.length >= 100 ? 'An army has at most 100 units.' : null}
        onClick={add}
      >
        Add a unit
      </ReasonButton>
    </>
  );
}

interface UnitLineProps {
  army: Army;
  unit: Unit;
  ribbons: ReturnType<typeof useLastRibbons>;
  onOpen: () => void;
}

function UnitLine({ army, unit, ribbons, onOpen }: UnitLineProps) {
  const { name, models, size, areaCm2, surfaces, parts, overs = [] } = unit;
  const sum = sharesOf(unit);
  return (
    <Grid columns="minmax(9rem, 14rem) minmax(8rem, 14rem) minmax(0, 1fr)">
      <Button variant="name" dir="auto" onClick={onOpen}>
        {name}
      </Button>
      <span>
        {counted(models, 'model')}, {size}, {areaCm2} cm²
      </span>
      <span dir="auto">
        <span className="unit-surfaces">
          {surfaces.map((surface) => {
            const ribbon = ribbons[pinOf(army, surface)?.recipeId ?? ''];
            return (
              <span key={surface.id}>
                {ribbon && (
                  <Ribbon
                    stops={ribbon.stops}
                    hexes={ribbon.hexes}
                    isEstimate={ribbon.isEstimate}
                    height={8}
                    label={`${surface.name} of ${name}`}
                  />
                )}
                {surface.name} {percent(surface.share)}
              </span>
            );
          })}
        </span>
        {surfaces.length > 0 && Math.abs(sum - 1) > sharesWithin && (
          <b> · shares add up to {percent(sum)}</b>
        )}
        {overs.length > 0 && (
          <small className="below">Over it: {overs.map((over) => over.name).join(', ')}</small>
        )}
        {parts.length > 0 && (
          <small className="below">
            To count:{' '}
            {parts.map(({ name: part, count }) => `${part} ${count ?? 'many'}`).join(', ')}
          </small>
        )}
      </span>
    </Grid>
  );
}
