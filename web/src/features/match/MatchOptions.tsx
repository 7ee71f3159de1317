import { mostCoats, type Pot } from '@yellow-ledger/core';
import { Select } from '../../kit/Select';
import { Switch } from '../../kit/field/Switch';

export interface Options {
  mostPots: 1 | 2 | 3;
  atHandOnly: boolean;
  withMetallics: boolean;
  prefersFewer: boolean;
  /** empty looks at the mix when thick */
  overPotId: string;
  coats: number;
  models: number;
}

export const firstOptions: Options = {
  mostPots: 3,
  atHandOnly: true,
  withMetallics: false,
  prefersFewer: true,
  overPotId: '',
  coats: 2,
  models: 6,
};

export interface MatchOptionsProps {
  pots: Pot[];
  options: Options;
  onChange: (options: Options) => void;
}

const modelCounts = [1, 3, 6, 10, 20, 40];

/** How the mix may be made, and how it is looked at. */
export function MatchOptions({ pots, options, onChange }: MatchOptionsProps) {
  const set = (part: Partial<Options>) => onChange({ ...options, ...part });
  const primers = pots.filter(({ kind, retired }) => kind === 'primer' && !retired);
  return (
    <div className="flow">
      <Select
        label="Pots in the mix, up to"
        value={options.mostPots}
        onChoose={(count) => set({ mostPots: count === '1' ? 1 : count === '2' ? 2 : 3 })}
        options={[1, 2, 3]}
      />
      <Select
        label="Looked at"
        value={options.overPotId}
        onChoose={(overPotId) => set({ overPotId })}
        options={[
          { id: '', name: 'dried, full strength' },
          ...primers.map(({ id, name }) => ({ id, name: `over ${name}` })),
        ]}
      />
      {options.overPotId && (
        <Select
          label="Neat coats"
          value={options.coats}
          onChoose={(coats) => set({ coats: Number(coats) })}
          options={Array.from({ length: mostCoats }, (_, i) => i + 1)}
        />
      )}
      <Select
        label="Drops for models"
        value={options.models}
        onChoose={(models) => set({ models: Number(models) })}
        options={modelCounts}
      />
      {(
        [
          ['atHandOnly', 'only pots I have'],
          ['withMetallics', 'metallics too'],
          ['prefersFewer', 'prefer fewer pots'],
        ] as const
      ).map(([key, label]) => (
        <Switch
          key={key}
          label={label}
          isOn={options[key]}
          onTurn={(isOn) => set({ [key]: isOn })}
        />
      ))}
    </div>
  );
}
