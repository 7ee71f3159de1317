import {
  howWords,
  techniqueOf,
  thinningWords,
  type Difference,
  type Recipe,
  type Side,
  type Step,
} from '@yellow-ledger/core';
import Form from 'react-bootstrap/Form';
import { useCollection } from '../../data/useCollections';
import { FigureTable } from '../FigureTable';
import { percent } from '../words/percent';
import type { RecipeWords } from '../words/recipeWords';
import './differenceTable.scss';

export interface DifferenceTableProps {
  differences: readonly Difference[];
  mine: Recipe;
  theirs: Recipe | undefined;
  words: RecipeWords;
  /** what the two sides are called */
  heads: { mine: string; theirs: string };
  choices: Readonly<Record<string, Side>>;
  onChoose: (key: string, side: Side) => void;
}

/** Two states of a recipe, difference by difference, for the painter to choose what is to stand. */
export function DifferenceTable(props: DifferenceTableProps) {
  const { differences, mine, theirs, words, heads, choices, onChoose } = props;
  const recipes = useCollection('recipes');
  const nameOf = (recipeId: string) =>
    recipes?.find(({ content }) => content.id === recipeId)?.content.name ??
    'a recipe that is gone';
  return (
    <FigureTable
      className="difference-table"
      heads={['Where', heads.mine, heads.theirs]}
      rows={differences.map((difference) => [
        placeOf(difference, mine, theirs),
        ...(['mine', 'theirs'] as const).map((side) => (
          <Form.Check
            key={side}
            type="radio"
            id={`${difference.key} ${side}`}
            name={difference.key}
            label={<span dir="auto">{valueOf(difference, side, words, nameOf)}</span>}
            checked={choices[difference.key] === side}
            onChange={() => onChoose(difference.key, side)}
          />
        )),
      ])}
    />
  );
}

function placeOf(difference: Difference, mine: Recipe, theirs: Recipe | undefined): string {
  if (difference.kind === 'order') return 'Order of the lines';
  if (difference.kind === 'head') return headWords[difference.field];
  const numberIn = (recipe: Recipe | undefined) =>
    (recipe?.steps.findIndex(({ id }) => id === difference.stepId) ?? -1) + 1;
  return `Line ${numberIn(mine) || numberIn(theirs)}`;
}

const headWords = {
  name: 'Name',
  surface: 'Surface',
  groundPotId: 'Primer',
  ground: 'Goes onto',
  finishLevel: 'Standard',
  models: 'Models',
  areaCm2: 'Area a model',
  notes: 'Notes',
  archived: 'Archived',
  form: 'Form',
  light: 'Light it is painted for',
  sections: 'Sections',
  spots: 'Spots',
  meantAs: 'Meant to read as',
  hairDryer: 'Hair dryer between coats',
  setAside: 'On purpose',
} as const;

function valueOf(
  difference: Difference,
  side: Side,
  words: RecipeWords,
  nameOf: (recipeId: string) => string,
): string {
  if (difference.kind === 'order') return side === 'mine' ? 'as here' : 'as there';
  if (difference.kind === 'line') return lineOf(difference[side], words);
  if (difference.field === 'ground')
    return groundInWords(difference[side] as Recipe['ground'], nameOf);
  if (difference.field === 'spots') return spotsInWords(difference[side] as Recipe['spots']);
  if (difference.field === 'sections')
    return sectionsInWords(difference[side] as Recipe['sections']);
  const value = String(difference[side] ?? 'not said');
  return difference.field === 'groundPotId' ? words.potName(value) : value;
}

const groundInWords = (ground: Recipe['ground'], nameOf: (recipeId: string) => string) =>
  ground
    ? `${nameOf(ground.recipeId)}, ${ground.version === null ? 'as it is now' : `version ${ground.version}`}`
    : 'the primer';

const spotsInWords = (spots: Recipe['spots']) =>
  (spots ?? []).map(({ name, share }) => `${name} ${percent(share)}`).join(', ') || 'none';

const sectionsInWords = (sections: Recipe['sections']) =>
  sections ? `${sections.count}, ${sections.way}` : 'one, all along';

export function lineOf(step: Step | undefined, words: RecipeWords): string {
  if (!step) return 'not there';
  const { from, to, aim, last } = step.placement;
  return [
    `${step.stage}, ${techniqueOf(step.technique).label}`,
    words.mix(step.mix),
    thinningWords(step.mix),
    `${step.coats}×`,
    `${from.toFixed(2)}–${to.toFixed(2)}`,
    aim && `aimed: ${Object.keys(aim).join(', ')}`,
    last && `the last ${last.from.toFixed(2)}–${last.to.toFixed(2)}`,
    howWords(step),
    step.note,
  ]
    .filter(Boolean)
    .join(' · ');
}
