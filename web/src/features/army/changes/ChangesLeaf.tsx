import { counted, type Army, type RecipePin, differenceWords } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { ActionBar } from '../../../kit/ActionBar';
import { Ribbon } from '../../../kit/paint/Ribbon';
import { minutesInWords } from '../../../kit/words/minutesInWords';
import { mlWords } from '../../../kit/words/mlWords';
import { surfaceWords } from '../../../kit/words/surfaceWords';
import { ofArmies } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { OutdatedSurface } from './versionGapWork';
import type { ChangeArmy } from '../changeArmy';
import { RepaintSheet } from './RepaintSheet';
import { Figures } from '../../../kit/figures/Figures';

export interface ChangesLeafProps {
  army: Army;
  change: ChangeArmy;
}

/** Changes by newer versions on models that are painted, and repainting in another colour. */
export function ChangesLeaf({ army, change }: ChangesLeafProps) {
  const { answer, problem } = useAnswer(ofArmies, [army], (worker) => worker.outdated(army));
  return (
    <div className="changes-leaf">
      <h2>Older versions in use</h2>
      {problem && <p role="alert">{problem}</p>}
      {!problem && !answer && <p>Comparing versions …</p>}
      {answer?.length === 0 && (
        <p>
          Nothing is pinned to a version that has a newer one. Pin a surface to a version when its
          models are painted; what a later version would change then stands here.
        </p>
      )}
      <ul className="rows">
        {answer?.map((each) => (
          <li key={`${each.unitId} ${each.surfaceId} ${each.pin.version}`}>
            <OutdatedLine army={army} outdated={each} change={change} />
          </li>
        ))}
      </ul>
      <h2>A finished surface in another colour</h2>
      <RepaintSheet army={army} change={change} />
    </div>
  );
}

/** Two colours nearer than this nobody tells apart across a table, ΔE00. */
const nobodyTells = 2;

function OutdatedLine({
  army,
  outdated,
  change,
}: {
  army: Army;
  outdated: OutdatedSurface;
  change: ChangeArmy;
}) {
  const { pin, newest, models, recipeName, gap } = outdated;
  const name = surfaceWords(army, outdated);
  const { worst, reads, cost, stops } = gap;
  const [isLeft, setIsLeft] = useState(false);
  return (
    <>
      <h3 dir="auto">
        {name}: {models.length} on version {pin.version} of {recipeName}
      </h3>
      <div className="gap-ribbons">
        <span>version {pin.version}</span>
        <Ribbon stops={stops} surface={gap.from} label={`${name} by version ${pin.version}`} />
        <span>version {newest.version}</span>
        <Ribbon stops={stops} surface={gap.to} label={`${name} by version ${newest.version}`} />
      </div>
      <p>
        They differ most at the {worst.place}: {differenceWords(worst.difference)}; at arm’s length{' '}
        {reads < nobodyTells ? 'nobody tells them apart' : differenceWords(reads)}
        <Figures>
          {' '}
          (ΔE00 {worst.difference.toFixed(1)}; at arm’s length {reads.toFixed(1)})
        </Figures>
        . To repaint:{' '}
        {cost.coats === 0
          ? 'nothing.'
          : `${counted(cost.coats, 'coat')} on ${counted(models.length, 'model')}, ${minutesInWords(cost.minutes)} hands-on, ${mlWords(cost.ml)} of thinned paint.`}
      </p>
      {isLeft ? (
        <p role="status">Left on version {pin.version}.</p>
      ) : (
        <ActionBar>
          <Button
            variant="outline"
            onClick={() =>
              change(`bring ${name} to version ${newest.version}`, (before) =>
                repinned(before, outdated),
              )
            }
          >
            Repaint: pin to version {newest.version}
          </Button>
          <Button variant="plain" onClick={() => setIsLeft(true)}>
            Keep it as it is
          </Button>
        </ActionBar>
      )}
    </>
  );
}

/** The same pin anew for the models that had the old one. */
function repinned(army: Army, { unitId, surfaceId, pin, newest, models }: OutdatedSurface): Army {
  const isOld = (recipe: RecipePin | undefined) =>
    recipe?.recipeId === pin.recipeId && recipe.version === pin.version;
  return {
    ...army,
    units: army.units.map((unit) => {
      if (unit.id !== unitId) return unit;
      const own = unit.own?.map((each) =>
        each.surfaceId === surfaceId && isOld(each.recipe) ? { ...each, recipe: newest } : each,
      );
      const surfaces = unit.surfaces.map((surface) => {
        const ofUnit =
          surface.recipe ?? army.scheme.find((each) => each.surface === surface.surface)?.recipe;
        return surface.id === surfaceId && isOld(ofUnit) && models.length > 0
          ? { ...surface, recipe: newest }
          : surface;
      });
      const overs = unit.overs?.map((over) =>
        over.id === surfaceId && isOld(over.recipe) ? { ...over, recipe: newest } : over,
      );
      return { ...unit, surfaces, ...(own && { own }), ...(overs && { overs }) };
    }),
  };
}
