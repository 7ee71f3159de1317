import {
  coveredBy,
  glowSchools,
  lightPlaces,
  maxOvers,
  ontoGround,
  pinOf,
  type Army,
  type GlowSchool,
  type Over,
  type PointLight,
  type Recipe,
  type SurfaceGlow,
  type Unit,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { ReasonButton } from '../../../kit/ReasonButton';
import { useCollection } from '../../../data/useCollections';
import { useWriter } from '../../../data/useWriter';
import { Select } from '../../../kit/Select';
import { ActionBar } from '../../../kit/ActionBar';
import { FigureField } from '../../../kit/field/FigureField';
import { Problem } from '../../../kit/Problem';
import { Progress } from '../../../kit/Progress';
import { Switch } from '../../../kit/field/Switch';
import { ofArmies } from '../../../workers/parts';
import { useWorker } from '../../../workers/useWorker';
import { LightFigure } from './LightFigure';
import { LitSurface } from './LitSurface';
import { useLight } from './useLight';

export interface LightSheetProps {
  army: Army;
  unit: Unit;
  onOvers: (overs: Over[]) => void;
}

const axes = [
  { axis: 0, label: 'to its left, %', least: -200, most: 200 },
  { axis: 1, label: 'up, %', least: -100, most: 300 },
  { axis: 2, label: 'to the front, %', least: -200, most: 200 },
] as const;

/** A light that stands at a point of the figure or beside it: worked out, looked at, and written. */
export function LightSheet({ army, unit, onOvers }: LightSheetProps) {
  const [light, setLight] = useState<PointLight>({
    at: [...lightPlaces[0].at],
    hex: '#ffc66b',
    strength: 0.8,
    reach: 0.9,
  });
  const [school, setSchool] = useState<GlowSchool>(glowSchools[0].name);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const { look, stop, clear, looking, found, problem } = useLight(army, unit);
  const write = useWriteGlow(army, unit);
  const [hasShade, setHasShade] = useState(false);
  const [offSurfaceId, setOffSurface] = useState('');
  const bounceOff = useBounce(army, unit);
  const place = lightPlaces.find(({ at }) => at.every((each, axis) => each === light.at[axis]));
  const lit = found.filter(({ glow, surfaceId }) => glow && !left.has(surfaceId));
  const room = maxOvers - (unit.overs?.length ?? 0);
  /** A lamp somewhere: no surface any more. */
  const standsAt = (at: PointLight['at']) => {
    setOffSurface('');
    setLight({ ...light, at });
  };
  const turn = (surfaceId: string, isOn: boolean) =>
    setLeft(new Set([...left, surfaceId].filter((id) => id !== surfaceId || !isOn)));
  return (
    <div className="stacked">
      <div className="flow">
        <Select
          label="The light is"
          value={offSurfaceId ? off(offSurfaceId) : (place?.id ?? '')}
          onChoose={(id) => {
            const chosen = lightPlaces.find((each) => each.id === id);
            if (chosen) standsAt([...chosen.at]);
            const surface = unit.surfaces.find((each) => off(each.id) === id);
            if (surface)
              void bounceOff(surface.id).then((bounced) => {
                if (!bounced) return;
                setOffSurface(surface.id);
                setLight(bounced);
              });
          }}
          options={[
            ...lightPlaces.map(({ id, label }) => ({ id, name: label })),
            ...unit.surfaces
              .filter((surface) => !surface.isHidden && pinOf(army, surface))
              .map(({ id, name }) => ({ id: off(id), name: `bounced off ${name}` })),
          ]}
        >
          {!place && <option value="">as the numbers say</option>}
        </Select>
        {axes.map(({ axis, label, least, most }) => (
          <FigureField
            key={axis}
            label={label}
            value={Math.round(light.at[axis] * 100)}
            isRight={(each) => each >= least && each <= most}
            expected={`a number from ${least} to ${most}, of the figure’s height`}
            onFigure={(each) => standsAt(light.at.with(axis, each / 100) as PointLight['at'])}
          />
        ))}
      </div>
      <div className="flow">
        <label className="form-choice">
          <span>Its colour</span>
          <input
            type="color"
            value={light.hex}
            onChange={({ target }) => setLight({ ...light, hex: target.value })}
          />
        </label>
        <FigureField
          label="Beside it, % of daylight"
          value={Math.round(light.strength * 100)}
          isRight={(each) => each >= 10 && each <= 800}
          expected="a number from 10 to 800"
          onFigure={(each) => setLight({ ...light, strength: each / 100 })}
        />
        <FigureField
          label="Reaches, % of the figure"
          value={Math.round(light.reach * 100)}
          isRight={(each) => each >= 5 && each <= 300}
          expected="a number from 5 to 300"
          onFigure={(each) => setLight({ ...light, reach: each / 100 })}
        />
        <Select
          label="Painted with"
          value={school}
          onChoose={setSchool}
          options={glowSchools.map(({ name, tells }) => ({ id: name, name: `${name}: ${tells}` }))}
        />
      </div>
      <LightFigure at={light.at} hex={light.hex} onPlace={standsAt} />
      <Switch
        label="the opposite colour in the shadows turned away from it"
        isOn={hasShade}
        onTurn={setHasShade}
      />
      <ActionBar>
        <Button
          variant="outline"
          disabled={looking !== null}
          onClick={() =>
            void look(light, { school, hasShade, ...(offSurfaceId && { offSurfaceId }) })
          }
        >
          Work out the light
        </Button>
        {looking && (
          <>
            <Button variant="outline" onClick={stop}>
              Stop
            </Button>
            <Progress label="Surfaces looked at" now={looking.done} max={looking.of} />
          </>
        )}
      </ActionBar>
      {problem && <Problem>{problem}</Problem>}
      {found.map((each) => (
        <LitSurface
          key={each.surfaceId}
          lit={each}
          isOn={!left.has(each.surfaceId)}
          onTurn={(isOn) => turn(each.surfaceId, isOn)}
        />
      ))}
      {found.length > 0 && !looking && (
        <ActionBar>
          <ReasonButton
            variant="outline"
            why={
              lit.length === 0
                ? 'It reaches nothing that has a recipe.'
                : lit.length > room
                  ? `There is room for ${Math.max(0, room)} more over this unit.`
                  : null
            }
            onClick={() => {
              onOvers(write(lit));
              clear();
            }}
          >
            Write it down, a recipe for each surface
          </ReasonButton>
        </ActionBar>
      )}
    </div>
  );
}

/** The choice of a surface as the light, apart from the places of lamps. */
const off = (surfaceId: string) => `off ${surfaceId}`;

/** Looks up what a surface throws on those beside it. */
function useBounce(army: Army, unit: Unit) {
  const workerKnowing = useWorker(ofArmies);
  return (surfaceId: string) => workerKnowing().bounceOff(army, unit, surfaceId);
}

/** Writes a recipe for each lit surface. @returns the overs that have them */
function useWriteGlow(army: Army, unit: Unit) {
  const writer = useWriter();
  const recipes = useCollection('recipes');
  return (lit: readonly SurfaceGlow[]): Over[] =>
    lit.flatMap(({ surfaceId, name, glow }): Over[] => {
      const [surface] = coveredBy({ surfaces: [surfaceId] }, unit);
      const pin = surface && pinOf(army, surface);
      if (!glow || !pin) return [];
      const { ground: _laid, ...rest } = glow.recipe;
      const written: Recipe = {
        ...rest,
        id: crypto.randomUUID(),
        name: `Light on ${name}`.slice(0, 120),
        ground: pin,
        steps: rest.steps.map((step) => ({ ...step, id: crypto.randomUUID() })),
      };
      const below = recipes?.find(({ content }) => content.id === pin.recipeId)?.content;
      const recipe = below ? ontoGround(written, below) : written;
      writer.create('recipes', `write ${recipe.name}`, recipe);
      return [
        {
          id: crypto.randomUUID(),
          name: recipe.name,
          recipe: { recipeId: recipe.id, version: null },
          surfaces: [surfaceId],
        },
      ];
    });
}
