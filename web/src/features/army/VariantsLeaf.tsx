import {
  dealtRecipes,
  likeNeighbours,
  pinKey,
  pinOf,
  variedSurfaces,
  withOwnRecipe,
  type Army,
  type Unit,
  type UnitSurface,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { Options } from '../../kit/Select';
import { ActionBar } from '../../kit/ActionBar';
import { VirtualList } from '../../kit/VirtualList';
import { Disclosure } from '../../kit/Disclosure';
import { DealShares } from './DealShares';
import { useNotice } from '../../kit/shell/notices';
import { Swatch } from '../../kit/paint/Swatch';
import { ofArmies } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { useWorker } from '../../workers/useWorker';
import type { ChangeArmy } from './changeArmy';
import { useUnitChoice } from './units/UnitChoice';

export interface VariantsLeafProps {
  army: Army;
  change: ChangeArmy;
}

/** The variants dealt to each model of a unit, to be dealt again or edited. */
export function VariantsLeaf({ army, change }: VariantsLeafProps) {
  const dealt = army.units.filter((unit) => variedSurfaces(unit).length > 0);
  const { unit, unitChoice } = useUnitChoice({ units: dealt });
  if (!unit)
    return (
      <p>
        Nothing varies yet. Open a unit, go to one of its surfaces, and give it variants under “More
        about …”: several cloaks, say. They are dealt out here so that neighbours in the line
        differ.
      </p>
    );
  return (
    <section className="deal-sheet">
      <div className="flow">{unitChoice}</div>
      <DealSheet key={unit.id} unit={unit} army={army} change={change} />
    </section>
  );
}

function DealSheet({ unit, army, change }: VariantsLeafProps & { unit: Unit }) {
  const notify = useNotice();
  const worker = useWorker(ofArmies);
  const [isDealing, setIsDealing] = useState(false);
  const { answer, problem } = useAnswer(ofArmies, [army, unit.id], (worker) =>
    worker.dealtUnit(army, unit.id),
  );
  const varied = variedSurfaces(unit);
  const alike = likeNeighbours(army, unit);
  const seed = unit.dealSeed ?? 1;
  const put = (label: string, part: Partial<Unit>) =>
    change(label, (before) => ({
      ...before,
      units: before.units.map((each) => (each.id === unit.id ? { ...each, ...part } : each)),
    }));
  const deal = async (dealSeed: number) => {
    setIsDealing(true);
    try {
      const own = await worker().deal(army, unit.id, dealSeed);
      put(`deal the variants of ${unit.name}`, { own, dealSeed });
    } catch (error) {
      notify(error instanceof Error ? error.message : 'The models could not be dealt out.', {
        isProblem: true,
      });
    }
    setIsDealing(false);
  };
  return (
    <>
      <p role="status">
        {alike.length === 0
          ? 'No model is like the one before it in the line.'
          : `Like the one before it: ${alike.map(({ model }) => `model ${model}`).join(', ')}.`}{' '}
        <small>The same number deals the same again.</small>
      </p>
      <ActionBar>
        <Button variant="next" disabled={isDealing} onClick={() => void deal(seed)}>
          Deal by number {seed}
        </Button>
        <Button
          variant="outline"
          disabled={isDealing}
          onClick={() => void deal((seed % 999_999) + 1)}
        >
          Deal again
        </Button>
      </ActionBar>
      {problem && <p role="alert">{problem}</p>}
      {answer && (
        <Disclosure title="How many of each: even, unless said here">
          {varied.map((surface) => (
            <DealShares
              key={surface.id}
              army={army}
              unit={unit}
              surface={surface}
              names={answer.names}
              onShares={(shares) =>
                put(`deal other shares of ${surface.name}`, {
                  surfaces: unit.surfaces.map((each) =>
                    each.id === surface.id ? { ...each, shares } : each,
                  ),
                })
              }
            />
          ))}
        </Disclosure>
      )}
      <VirtualList
        label={`Models of ${unit.name}`}
        count={unit.models}
        draw={(index) => (
          <>
            <b>{index + 1}</b>
            {varied.map((surface) => (
              <ModelPick
                key={surface.id}
                isDisabled={isDealing}
                army={army}
                unit={unit}
                surface={surface}
                model={index + 1}
                names={answer?.names ?? {}}
                hexOf={(key) => answer?.reads[key]?.hex}
                onPick={(own) => put(`choose for model ${index + 1} of ${unit.name}`, { own })}
              />
            ))}
          </>
        )}
      />
    </>
  );
}

interface ModelPickProps {
  /** what is chosen now would be dealt over in a moment */
  isDisabled: boolean;
  army: Army;
  unit: Unit;
  surface: UnitSurface;
  model: number;
  names: Readonly<Record<string, string>>;
  hexOf: (pin: string) => string | undefined;
  onPick: (own: Unit['own']) => void;
}

function ModelPick({
  isDisabled,
  army,
  unit,
  surface,
  model,
  names,
  hexOf,
  onPick,
}: ModelPickProps) {
  const has = pinOf(army, surface, unit, model);
  const choices = dealtRecipes(army, surface);
  // A recipe given by hand that is not among those dealt stays choosable.
  const all =
    has && !choices.some((pin) => pinKey(pin) === pinKey(has)) ? [...choices, has] : choices;
  const hex = hexOf(pinKey(has));
  return (
    <label className="model-pick">
      {hex && <Swatch hex={hex} />}
      <span className="visually-hidden">
        {surface.name} of model {model}
      </span>
      <Form.Select
        size="sm"
        disabled={isDisabled}
        value={pinKey(has)}
        onChange={(event) => {
          const chosen = all.find((pin) => pinKey(pin) === event.target.value) ?? null;
          const isUnits = pinKey(chosen) === pinKey(pinOf(army, surface));
          onPick(withOwnRecipe(unit.own ?? [], model, surface.id, isUnits ? null : chosen));
        }}
      >
        <Options
          of={all.map((pin) => ({
            id: pinKey(pin),
            name: `${names[pin.recipeId] ?? 'a recipe that was deleted'}${pin.version === null ? '' : `, version ${pin.version}`}`,
          }))}
        />
      </Form.Select>
    </label>
  );
}
