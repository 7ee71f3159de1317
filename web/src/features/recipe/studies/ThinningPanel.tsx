import {
  consistencies,
  consistencyOf,
  flattenMix,
  loadWords,
  shelfOf,
  stiffnessOf,
  techniqueOf,
  thinnerEffect,
  waterHeldBy,
  thinnerFor,
  thinningHabit,
  thinningWords,
  withThinningHabit,
  type Step,
  type Thinning,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useMemo } from 'react';
import { useWriter } from '../../../data/useWriter';
import { FigureTable } from '../../../kit/FigureTable';
import { useNotice } from '../../../kit/shell/notices';
import type { RecipeLineProps } from '../line/recipeLineProps';
import { ConsistencyPicture } from '../../../kit/words/WordPicture';

/** How stiff or runny the mix is, what water and medium make of it, and the painter's own habit. */
export function ThinningPanel({ step, draft, number, pots, words, deeds }: RecipeLineProps) {
  const writer = useWriter();
  const notify = useNotice();
  const { steps } = draft.recipe;
  const shelf = useMemo(() => shelfOf(pots), [pots]);
  const shares = flattenMix(step.mix, steps.slice(0, number - 1));
  const stiffness = stiffnessOf(shares, shelf);
  const waterHeld = waterHeldBy(shares, shelf);
  const now = consistencyOf(step.mix, stiffness);
  const effect = thinnerEffect(step.mix, waterHeld);
  const [only] = step.mix.parts;
  const pot =
    step.mix.parts.length === 1 && only.from === 'pot' ? shelf.get(only.potId) : undefined;
  const habit = pot && thinningHabit(pot, step);
  const kind = techniqueOf(step.technique).isThinned ? 'glazes' : 'coats';
  const thin = (thinning: Thinning) => deeds.edit(withThinning(step, thinning));

  const remember = () => {
    if (!pot) return;
    writer.change('pots', pot.id, `thin ${pot.name} so`, (now) =>
      withThinningHabit(now, step, step.mix),
    );
    notify(`${pot.name} is thinned so for ${kind} from now on, where it is new.`);
  };

  return (
    <div className="thinning-study">
      <p>
        On the brush: <b>{now.name}</b>, it {now.tells}. {thinningWords(step.mix)},{' '}
        {loadWords(step.mix)}.
      </p>
      <FigureTable
        heads={['Consistency', 'What it does', 'With water', 'With medium']}
        rows={consistencies.map(({ name, tells }) => {
          const thinner = thinnerFor(name, stiffness);
          const isReached =
            consistencyOf({ waterParts: thinner, mediumParts: 0 }, stiffness).name === name;
          return [
            <span key="name">
              <ConsistencyPicture name={name} /> {name === now.name ? <b>{name}, as now</b> : name}
            </span>,
            tells,
            ...(['waterParts', 'mediumParts'] as const).map((kind) => {
              const thinning = { waterParts: 0, mediumParts: 0, [kind]: thinner };
              if (!isReached) return 'comes thinner than that';
              return (
                <span key={kind}>
                  <Button
                    variant="plain"
                    aria-label={`Make it ${name}: ${thinningWords(thinning)}`}
                    onClick={() => thin(thinning)}
                  >
                    {thinningWords(thinning)}
                  </Button>
                  {thinnerEffect(thinning, waterHeld).breaksUp && ' breaks up'}
                </span>
              );
            }),
          ];
        })}
      />
      <p>
        It runs {effect.runs.toFixed(1)} times as far as it would neat and {poolWords(effect.pools)}
        . {effect.breaksUp ? 'Its pigment breaks up: past' : 'It holds together up to'}{' '}
        {effect.breaksUpAt.toFixed(1)} parts of water
        {step.mix.mediumParts > 0
          ? ' with the medium in it'
          : '; each part of medium holds two more'}
        . Water pools and runs; medium thins as much and stays where it is put.
      </p>
      {pot && (
        <p>
          {habit && (
            <Button variant="outline" onClick={() => thin(habit)}>
              As you usually thin {words.potName(pot.id)} for {kind}: {thinningWords(habit)}
            </Button>
          )}{' '}
          <Button variant="outline" onClick={() => remember()}>
            Remember {thinningWords(step.mix)} for {kind} of {words.potName(pot.id)}
          </Button>
        </p>
      )}
    </div>
  );
}

const withThinning = (step: Step, thinning: Thinning): Step => ({
  ...step,
  mix: { ...step.mix, ...thinning },
});

/** @example poolWords(0.7) // → 'pools strongly' */
function poolWords(pools: number): string {
  if (pools < 0.1) return 'does not pool';
  if (pools < 0.35) return 'hardly pools';
  return pools < 0.6 ? 'pools in recesses' : 'pools strongly';
}
