import { counted, ownerOf, type Paintable, type Pot, differenceWords } from '@yellow-ledger/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { EmptyPage } from '../../kit/EmptyPage';
import { Grid } from '../../kit/Grid';
import { LinkButton } from '../../kit/LinkButton';
import { PageHead } from '../../kit/PageHead';
import { ShelfTabs } from '../../kit/pots/ShelfTabs';
import { CheckboxGroup } from '../../kit/CheckboxGroup';
import { potNamesOf } from '../../kit/words/recipeWords';
import { nearnessWords, standInWords } from '../../kit/words/substituteWords';
import { ofRecipes } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { useShelf } from '../../workers/useShelf';

/** Which recipes go with the pots that are here tonight, and what stands in for the rest. */
export default function PaintablePage() {
  const { pots } = useShelf();
  const owners = useMemo(() => [...new Set((pots ?? []).map(ownerOf))].sort(), [pots]);
  const [away, setAway] = useState<readonly string[]>([]);
  const here = owners.filter((owner) => !away.includes(owner));
  const { answer, problem } = useAnswer(ofRecipes, [here.join('\n')], (worker) =>
    worker.paintable(here),
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
        <ul className="ruled stock-list">
          {answer.map((each) => (
            <PaintableLine key={each.recipeId} paintable={each} pots={pots} />
          ))}
        </ul>
      )}
    </div>
  );
}

function PaintableLine({ paintable, pots }: { paintable: Paintable; pots: readonly Pot[] }) {
  const potName = potNamesOf(pots);
  const { recipeId, name, missing, furthest } = paintable;
  return (
    <Grid as="li" columns="minmax(11rem, 18rem) minmax(0, 1fr)">
      <h2>
        <Link to={`/recipes/${recipeId}`} dir="auto">
          {name}
        </Link>
      </h2>
      <div>
        <p>
          {missing.length === 0
            ? 'Everything it needs is here.'
            : furthest === null
              ? `Lacks ${counted(missing.length, 'pot')}, and not all have a substitute.`
              : `With substitutes; of the farthest, ${differenceWords(furthest)}.`}
        </p>
        {missing.length > 0 && (
          <ul className="rows" aria-label={`Missing for ${name}`}>
            {missing.map(({ potId, standIn }) => (
              <li key={potId}>
                <b dir="auto">{potName(potId)}</b>:{' '}
                {standIn ? (
                  <>
                    <span dir="auto">{standInWords(standIn.parts, potName)}</span>{' '}
                    <small>{nearnessWords(standIn)}</small>
                  </>
                ) : (
                  'nothing here comes near it'
                )}{' '}
                <Link
                  to={`/shelf/replace/${potId}`}
                  aria-label={`Look closer at ${potName(potId)}`}
                >
                  Look closer
                </Link>
              </li>
            ))}
          </ul>
        )}
      </div>
    </Grid>
  );
}
