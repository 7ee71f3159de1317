import {
  counted,
  ontoGround,
  recipeHeadSchema,
  surfaces,
  type Pot,
  type Recipe,
  type RecipeHead as Head,
} from '@yellow-ledger/core';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { ChevronDown, ChevronRight } from 'react-bootstrap-icons';
import { Link } from 'react-router';
import { FormProvider } from 'react-hook-form';
import { useCollection } from '../../data/useCollections';
import { UnlessMine } from '../../kit/club/UnlessMine';
import { WhoseBar } from '../../kit/club/WhoseBar';
import { NumberField } from '../../kit/field/NumberField';
import { PageTitle } from '../../kit/PageHead';
import { SelectField } from '../../kit/field/SelectField';
import { TextField } from '../../kit/field/TextField';
import { useLiveForm } from '../../kit/field/useLiveForm';
import type { RecipeWords } from '../../kit/words/recipeWords';
import type { Prediction } from '../../workers/shared/predictWork';
import { GroundField } from './GroundField';
import { ProposeLink } from './ProposeLink';
import { RecipeResult } from './RecipeResult';
import { SaveMark } from './SaveMark';
import { useEditRecipe, useLeaveUnfinished, type Draft } from './useDraft';
import { VersionMark } from './VersionMark';
import { standardName, standardOptions } from '../../kit/words/standards';

export interface RecipeHeadProps {
  draft: Draft;
  words: RecipeWords;
  prediction: Prediction | null;
  pots: Pot[];
}

/** Name, ground and size of the recipe, what it ends in and what it adds up to. */
export function RecipeHead({ draft, words, prediction, pots }: RecipeHeadProps) {
  const recipe = draft.recipe;
  const [isOpen, setIsOpen] = useState(false);
  const edit = useEditRecipe(recipe.id);
  const leave = useLeaveUnfinished(recipe.id);
  const form = useLiveForm<Head>({
    schema: recipeHeadSchema,
    value: headOf(draft),
    unfinished: draft.unfinished.head,
    onValid: (head) =>
      edit((now) => {
        const { ground: before, ...rest } = now;
        return onItsGround({ ...rest, ...head }, before?.recipeId);
      }, 'head'),
    onUnfinished: (typed) => leave('head', typed),
  });
  /** A recipe that goes onto another finished surface takes unset fields from it. */
  const recipes = useCollection('recipes');
  const onItsGround = (next: Recipe, before: string | undefined): Recipe => {
    const below =
      next.ground?.recipeId !== before &&
      recipes?.find(({ content }) => content.id === next.ground?.recipeId)?.content;
    return below ? ontoGround(next, below) : next;
  };
  return (
    <FormProvider {...form}>
      <header className="recipe-head">
        <PageTitle>{recipe.name}</PageTitle>
        <h1 className="visually-hidden" dir="auto">
          {recipe.name}
        </h1>
        <div className="recipe-title">
          <UnlessMine kind="recipes" id={recipe.id}>
            <TextField name="name" label="Recipe" className="recipe-name-field" />
          </UnlessMine>
          <div className="flow recipe-state">
            <VersionMark recipe={recipe} revision={draft.base.revision} />
            <SaveMark recipeId={recipe.id} />
            <Link to={`/bench?recipe=${recipe.id}`}>To the bench</Link>
            <WhoseBar kind="recipes" id={recipe.id}>
              <ProposeLink recipe={recipe} />
            </WhoseBar>
          </div>
        </div>
        <Button
          variant="bare"
          className="recipe-fields-toggle"
          aria-expanded={isOpen}
          aria-controls="recipe-fields"
          onClick={() => setIsOpen(!isOpen)}
        >
          {isOpen ? <ChevronDown aria-hidden /> : <ChevronRight aria-hidden />}{' '}
          <span dir="auto">
            {recipe.surface} · {words.groundName} · {standardName(recipe.finishLevel)} ·{' '}
            {counted(recipe.models, 'model')}
          </span>
        </Button>
        <UnlessMine
          kind="recipes"
          id={recipe.id}
          partId="recipe-fields"
          className={isOpen ? 'recipe-fields is-open' : 'recipe-fields'}
        >
          <SelectField name="surface" label="Surface" options={surfaces} />
          <GroundField recipe={recipe} pots={pots} />
          <SelectField name="finishLevel" label="Standard" options={standardOptions} />
          <NumberField name="models" label="Models" step={1} />
          <NumberField name="areaCm2" label="Area a model" unit="cm²" />
        </UnlessMine>
        <RecipeResult recipe={recipe} prediction={prediction} words={words} />
      </header>
    </FormProvider>
  );
}

function headOf({ recipe }: Draft): Head {
  const { name, surface, groundPotId, ground, finishLevel, models, areaCm2 } = recipe;
  return { name, surface, groundPotId, ...(ground && { ground }), finishLevel, models, areaCm2 };
}
