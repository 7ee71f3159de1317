import {
  counted,
  differenceWords,
  isSameContent,
  replacementVerdict,
  type Pot,
  type Recipe,
  type Standing,
  type Substitute,
} from '@yellow-ledger/core';
import Form from 'react-bootstrap/Form';
import { useState } from 'react';
import { Link } from 'react-router';
import { ReasonButton } from '../../kit/ReasonButton';
import { asProblem } from '../../data/ask';
import { useReplaceInRecipesMutation } from '../../data/ledgerApi';
import { useWriter } from '../../data/useWriter';
import { Ribbon } from '../../kit/paint/Ribbon';
import { useNotice } from '../../kit/shell/notices';
import { potNamesOf } from '../../kit/words/recipeWords';
import { standInWords } from '../../kit/words/substituteWords';
import { ofRecipes } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import type { ReplacedRecipe } from './replaceWork';
import { Figures } from '../../kit/figures/Figures';

export interface ReplacedRecipesProps {
  pot: Pot;
  pots: Pot[];
  standIn: Substitute;
  standing: Standing;
}

type Effected = ReplacedRecipe & { effect: { recipe: Recipe } };

/** Every recipe that draws from the pot, before and after, and the one press that replaces it. */
export function ReplacedRecipes({ pot, pots, standIn, standing }: ReplacedRecipesProps) {
  const notify = useNotice();
  const [choices, setChoices] = useState<Readonly<Record<string, boolean>>>({});
  const writer = useWriter();
  const [replace, { isLoading }] = useReplaceInRecipesMutation();
  const { answer, problem } = useAnswer(ofRecipes, [pot.id, standIn], async (worker) => ({
    standIn,
    recipes: await worker.replaced(pot.id, standIn.parts),
  }));
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <p>Painting the recipes with it …</p>;
  const { recipes } = answer;
  if (recipes.length === 0) return <p>No recipe uses {pot.name}.</p>;
  const words = standInWords(answer.standIn.parts, potNamesOf(pots));
  // Where nothing was chosen by hand, what passes is chosen.
  const isChosen = (each: ReplacedRecipe): each is Effected =>
    'recipe' in each.effect &&
    (choices[each.recipeId] ?? replacementVerdict(each.effect.worst.difference, standing).passes);
  const chosen = recipes.filter(isChosen);

  const write = async () => {
    // It is written over what the server has: that is to be what is seen here.
    await writer.flush();
    const result = await replace({
      note: `${pot.name} replaced by ${words}.`,
      recipes: chosen.map(({ effect, revision }) => ({ content: effect.recipe, revision })),
    });
    if (result.error) notify(asProblem(result.error).message, { isProblem: true });
    else
      notify(
        `${pot.name} is replaced in ${counted(chosen.length, 'recipe')}. What stood there is kept as the version before.`,
      );
  };

  return (
    <>
      <ul className="ruled">
        {recipes.map((each) => (
          <ReplacedLine
            key={each.recipeId}
            replaced={each}
            words={words}
            standing={standing}
            isChosen={isChosen(each)}
            onChoose={(is) => setChoices({ ...choices, [each.recipeId]: is })}
          />
        ))}
      </ul>
      <p>
        Each recipe chosen becomes a new version. What it says now is saved as a version first, so
        painted models keep theirs.
      </p>
      <ReasonButton
        variant="next"
        isBusy={isLoading || !isSameContent(answer.standIn, standIn)}
        why={chosen.length === 0 ? 'Tick a recipe first.' : null}
        onClick={() => void write()}
      >
        Replace in {counted(chosen.length, 'recipe')}
      </ReasonButton>
    </>
  );
}

function ReplacedLine({
  replaced: { recipeId, name, archived, before, effect },
  words,
  standing,
  isChosen,
  onChoose,
}: {
  replaced: ReplacedRecipe;
  words: string;
  standing: Standing;
  isChosen: boolean;
  onChoose: (isChosen: boolean) => void;
}) {
  const verdict = 'worst' in effect ? replacementVerdict(effect.worst.difference, standing) : null;
  return (
    <li>
      <div className="replaced-head">
        <Form.Check
          aria-label={`Replace in ${name}`}
          checked={isChosen}
          disabled={verdict === null}
          onChange={(event) => onChoose(event.target.checked)}
        />
        <Link to={`/recipes/${recipeId}`} dir="auto">
          {name}
        </Link>
        {archived && <small>archived</small>}
      </div>
      <div className="replaced-ribbons">
        <Ribbon {...before} label={`${name} as it is`} />
        {'after' in effect && <Ribbon {...effect.after} label={`${name} with ${words}`} />}
      </div>
      {'worst' in effect && verdict ? (
        <p>
          <b>{verdict.passes ? 'Passes.' : 'Does not pass.'}</b> Differs most at the{' '}
          {effect.worst.place}: {differenceWords(effect.worst.difference)}
          <Figures> (ΔE00 {effect.worst.difference.toFixed(1)})</Figures>. {verdict.sentence}
        </p>
      ) : (
        'problem' in effect && <p>No substitute here: {effect.problem}.</p>
      )}
    </li>
  );
}
