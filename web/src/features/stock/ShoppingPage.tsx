import { mlWords } from '../../kit/words/mlWords';
import type { Pot, ShoppingLine } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { useWriter } from '../../data/useWriter';
import { EmptyPage } from '../../kit/EmptyPage';
import { Grid } from '../../kit/Grid';
import { PageHead } from '../../kit/PageHead';
import { saveText } from '../../kit/hooks/saveText';
import { PrintButton } from '../../kit/PrintButton';
import { ShelfTabs } from '../../kit/pots/ShelfTabs';
import { Swatch } from '../../kit/paint/Swatch';
import { potNamesOf } from '../../kit/words/recipeWords';
import { nearnessWords, standInWords } from '../../kit/words/substituteWords';
import { ofRecipes } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { useShelf } from '../../workers/useShelf';

/** Pots to buy, why, and their substitutes. */
export default function ShoppingPage() {
  const { pots } = useShelf();
  const { answer, problem } = useAnswer(ofRecipes, [], (worker) => worker.shoppingList());
  return (
    <div className="page printed">
      <h1 className="print-only">To buy</h1>
      <PageHead title="To buy">
        {pots && answer && answer.length > 0 && (
          <>
            <PrintButton words="Print the list" />
            <Button
              variant="outline"
              onClick={() => saveText(listAsText(answer, pots), 'to-buy.txt', 'text/plain')}
            >
              Save as text
            </Button>
          </>
        )}
      </PageHead>
      <ShelfTabs />
      {problem && <p role="alert">{problem}</p>}
      {!problem && (!pots || !answer) && <p>Going over the shelf and the recipes …</p>}
      {answer?.length === 0 && (
        <EmptyPage
          shows="buy"
          words="Nothing to buy. A pot comes onto this list when a recipe draws from it and it is low, empty or removed, or when you put it here from its place on the shelf."
        />
      )}
      {pots && answer && answer.length > 0 && <ShoppingLines lines={answer} pots={pots} />}
    </div>
  );
}

function ShoppingLines({ lines, pots }: { lines: readonly ShoppingLine[]; pots: Pot[] }) {
  const writer = useWriter();
  const potName = useMemo(() => potNamesOf(pots), [pots]);
  const takeOff = ({ id, name }: Pot) =>
    writer.change('pots', id, `take ${name} off the list`, ({ isWanted: _wish, ...pot }) => pot);
  return (
    <ul className="ruled stock-list">
      {lines.map((line) => {
        const pot = pots.find(({ id }) => id === line.potId);
        if (!pot) return null;
        return (
          <Grid as="li" key={pot.id} columns="72px minmax(0, 1fr)">
            <Swatch hex={pot.swatch} size="large" />
            <div>
              <h2 dir="auto">
                <span className="tick-box" aria-hidden />
                {pot.name}
              </h2>
              <p>
                {stateWords(pot, line)}
                {line.recipes.length > 0 && '. Used by '}
                {line.recipes.map(({ id, name }, index) => (
                  <span key={id}>
                    {index > 0 && ', '}
                    <Link to={`/recipes/${id}`} dir="auto">
                      {name}
                    </Link>
                  </span>
                ))}
                .
              </p>
              {line.alternatives.length > 0 ? (
                <ul className="rows" aria-label={`Instead of ${pot.name}`}>
                  {line.alternatives.map((standIn) => (
                    <li key={JSON.stringify(standIn.parts)}>
                      <Swatch hex={standIn.colour.hex} />{' '}
                      <span dir="ltr">{standInWords(standIn.parts, potName)}</span>{' '}
                      <small>{nearnessWords(standIn)}</small>
                    </li>
                  ))}
                </ul>
              ) : (
                <p>Nothing at hand comes near it.</p>
              )}
              <p className="flow">
                {line.recipes.length > 0 && (
                  <Link className="no-print" to={`/shelf/replace/${pot.id}`}>
                    Replace {pot.name} in its recipes
                  </Link>
                )}
                {line.isWanted && (
                  <Button
                    variant="plain"
                    onClick={() => takeOff(pot)}
                    aria-label={`Take off the list: ${pot.name}`}
                  >
                    Take off the list
                  </Button>
                )}
              </p>
            </div>
          </Grid>
        );
      })}
    </ul>
  );
}

/** @example 'Low, 2 ml left' */
function stateWords({ volumeMl }: Pot, { state, isWanted }: ShoppingLine): string {
  if (state === 'low') return `Low, ${mlWords(volumeMl ?? 0)} left`;
  if (state === 'empty') return 'Empty';
  if (state === 'retired') return 'Removed';
  return isWanted ? 'On the list by hand' : 'Enough';
}

function listAsText(lines: readonly ShoppingLine[], pots: readonly Pot[]): string {
  const potName = potNamesOf(pots);
  return lines
    .map((line) => {
      const pot = pots.find(({ id }) => id === line.potId);
      const instead = line.alternatives.at(0);
      return [
        `[ ] ${potName(line.potId)}: ${pot ? stateWords(pot, line) : line.state}`,
        ...line.recipes.map(({ name }) => `      for ${name}`),
        ...(instead
          ? [`      or ${standInWords(instead.parts, potName)} (${nearnessWords(instead)})`]
          : []),
      ].join('\n');
    })
    .join('\n')
    .concat('\n');
}
