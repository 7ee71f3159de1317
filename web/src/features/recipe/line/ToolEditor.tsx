import {
  brushFacts,
  brushNames,
  brushSizes,
  densityWords,
  strokeFacts,
  strokeNames,
  techniqueOf,
  type Step,
  type Tool,
} from '@yellow-ledger/core';
import { useFormContext, useWatch } from 'react-hook-form';
import { Select } from '../../../kit/Select';
import { FigureField } from '../../../kit/field/FigureField';
import { Switch } from '../../../kit/field/Switch';

const densities = { faint: 0.5, usual: 1, heavy: 1.5 } as const;
type Density = keyof typeof densities;

/** The tool of a line, how it is moved, and how much of the area it touches. */
export function ToolEditor() {
  const { setValue } = useFormContext<Step>();
  const step = useWatch<Step>() as Step;
  const tool = step.tool ?? {};
  const put = (next: Tool) => {
    const said = Object.entries(next).filter(([, each]) => each !== undefined && each !== false);
    setValue('tool', said.length > 0 ? (Object.fromEntries(said) as Tool) : undefined, {
      shouldValidate: true,
    });
  };
  const isTouched = techniqueOf(step.technique).spreads === 'area';
  const density = step.density ?? 1;
  const putDensity = (each: number) =>
    setValue('density', each === 1 ? undefined : each, { shouldValidate: true });
  return (
    <div className="flow">
      <Select
        label="Brush"
        value={tool.brush ?? ''}
        onChoose={(brush) => put({ ...tool, brush: orNothing(brush, brushNames) })}
        options={[
          { id: '', name: 'any' },
          ...brushNames.map((id) => ({
            id,
            name: `${brushFacts(id).label}: ${brushFacts(id).tells}`,
          })),
        ]}
      />
      <Select
        label="Size"
        value={tool.size ?? ''}
        onChoose={(size) => put({ ...tool, size: orNothing(size, brushSizes) })}
        options={[{ id: '', name: 'any' }, ...brushSizes]}
      />
      <Select
        label="Used with its"
        value={tool.uses ?? ''}
        onChoose={(uses) => put({ ...tool, uses: orNothing(uses, ['tip', 'side'] as const) })}
        options={[{ id: '', name: 'tip or side' }, 'tip', 'side']}
      />
      <Select
        label="Strokes"
        value={tool.stroke ?? ''}
        onChoose={(stroke) => put({ ...tool, stroke: orNothing(stroke, strokeNames) })}
        options={[
          { id: '', name: 'any' },
          ...strokeNames.map((id) => ({
            id,
            name: `${strokeFacts(id).label}: ${strokeFacts(id).tells}`,
          })),
        ]}
      />
      <Switch
        label="an old one will do"
        isOn={tool.isOld === true}
        onTurn={(isOld) => put({ ...tool, isOld })}
      />
      <Switch
        label="ends drawn out with a damp brush"
        isOn={tool.feathers === true}
        onTurn={(feathers) => put({ ...tool, feathers })}
      />
      {isTouched && (
        <>
          <Select<Density>
            label="How heavily"
            value={densityWords(density) as Density}
            onChoose={(each) => putDensity(densities[each])}
            options={Object.keys(densities)}
          />
          <FigureField
            label="of the usual, %"
            value={Math.round(density * 100)}
            isRight={(each) => each >= 10 && each <= 300}
            expected="a number from 10 to 300"
            onFigure={(each) => putDensity(each / 100)}
          />
        </>
      )}
    </div>
  );
}

/** One of the names, or nothing where none was chosen. */
const orNothing = <Name extends string>(chosen: string, names: readonly Name[]): Name | undefined =>
  names.find((name) => name === chosen);
