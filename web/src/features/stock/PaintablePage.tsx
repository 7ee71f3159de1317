import { counted, ownerOf, type Paintable, type Pot, differenceWords } from '@yellow-ledger/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { EmptyPage } from '../../kit/EmptyPage';
import { Grid } from '../../kit/Grid';
import { LinkButton } from '../../kit/LinkButton';
import { RecipeGrid } from '../../kit/paint/RecipeGrid';
import { Ribbon } from '../../kit/paint/Ribbon';
import { PageHead } from '../../kit/PageHead';
import { ShelfTabs } from '../../kit/pots/ShelfTabs';
import { CheckboxGroup } from '../../kit/CheckboxGroup';
import { potNamesOf } from '../../kit/words/recipeWords';
import { nearnessWords, standInWords } from '../../kit/words/substituteWords';
import { ofRecipes } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { useLastRibbons } from '../../workers/useLastRibbons';
import { useRecipeList } from '../../workers/useRecipeRows';
import type { LastRibbon } from '../../workers/shared/listWork';
import { useShelf } from '../../workers/useShelf';

type Ribbons = Partial<Record<string, LastRibbon>>;

/** Which recipes go with the pots that are here tonight, and what stands in for the rest. */
export default function PaintablePage() {
  const { pots } = useShelf();
  const owners = useMemo(() => [...new Set((pots ?? []).map(ownerOf))].sort(), [pots]);
  const [away, setAway] = useState<readonly string[]>([]);
  const here = owners.filter((owner) => !away.includes(owner));
  const { answer, problem } = useAnswer(ofRecipes, [here.join('\n')], (worker) =>
    worker.paintable(here),
  );
  const ready = (answer ?? []).filter(({ missing }) => missing.length === 0);
  const lacking = (answer ?? []).filter(({ missing }) => missing.length > 0);
  const { recipes } = useRecipeList();
  const ribbons: Ribbons = useLastRibbons(
    lacking.map(({ recipeId }) => recipeId),
    recipes,
  );
  return (
    <div className="page">
      <PageHead title="What I can paint now" />
      <ShelfTabs />
      <CheckboxGroup
        legend="Shelves that are here"
        options={owners.map((value) => ({ value, name: value }))}
        ticked={here}
        onTicked={(ticked) => setAway(owners.filter((owner) => !ticked.includes(owner)))}
      />
      {problem && <p role="alert">{problem}</p>}
      {!problem && (!pots || !answer) && <p>Going over the recipes …</p>}
      {answer?.length === 0 && (
        <EmptyPage
          shows="paintable"
          words="Here stand your recipes with what each still lacks. There is none written yet."
        >
          <LinkButton to="/recipes">To the recipes</LinkButton>
        </EmptyPage>
      )}
      {pots && answer && answer.length > 0 && (
        <>
          <h2>
            {ready.length === 0
              ? 'No recipe has everything here.'
              : `${counted(ready.length, 'recipe')} with everything here`}
          </h2>
          <RecipeGrid recipes={ready.map(({ recipeId, name }) => ({ id: recipeId, name }))} />
          {lacking.length > 0 && (
            <>
              <h2>{counted(lacking.length, 'recipe')} with something missing</h2>
              <ul className="ruled stock-list">
                {lacking.map((each) => (
                  <PaintableLine
                    key={each.recipeId}
                    paintable={each}
                    pots={pots}
                    ribbon={ribbons[each.recipeId]}
                  />
                ))}
              </ul>
            </>
          )}
        </>
      )}
    </div>
  );
}

interface PaintableLineProps {
  paintable: Paintable;
  pots: readonly Pot[];
  ribbon: LastRibbon | undefined;
}

function PaintableLine({ paintable, pots, ribbon }: PaintableLineProps) {
  const potName = potNamesOf(pots);
  const { recipeId, name, missing, furthest } = paintable;
  return (
    <Grid as="li" columns="minmax(11rem, 18rem) minmax(0, 1fr)">
      <div>
        <Ribbon
          stops={ribbon?.stops ?? []}
          hexes={ribbon?.hexes}
          isEstimate={ribbon?.isEstimate}
          label={name}
          height={24}
        />
        <h3>
          <Link to={`/recipes/${recipeId}`} dir="auto">
            {name}
          </Link>
        </h3>
      </div>
      <div>
        <p>
          {furthest === null
            ? `Lacks ${counted(missing.length, 'pot')}, and not all have a substitute.`
            : `With substitutes; of the farthest, ${differenceWords(furthest)}.`}
        </p>
        <ul className="rows" aria-label={`Missing for ${name}`}>
          {missing.map(({ potId, standIn }) => (
            <li key={potId}>
              <b dir="auto">{potName(potId)}</b>:{' '}
              {standIn ? (
                <>
                  <span dir="ltr">{standInWords(standIn.parts, potName)}</span>{' '}
                  <small>{nearnessWords(standIn)}</small>
                </>
              ) : (
                'nothing here comes near it'
              )}{' '}
              <Link to={`/shelf/replace/${potId}`} aria-label={`Look closer at ${potName(potId)}`}>
                Look closer
              </Link>
            </li>
          ))}
        </ul>
      </div>
    </Grid>
  );
}
