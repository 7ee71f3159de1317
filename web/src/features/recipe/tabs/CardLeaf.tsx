import { fileFormats, formatNames, includedSteps, type FormatName } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { PaperChoice } from '../../../kit/paint/PaperChoice';
import { saveText } from '../../../kit/hooks/saveText';
import { useNotice } from '../../../kit/shell/notices';
import { ofShelf } from '../../../workers/parts';
import { useWorker } from '../../../workers/useWorker';
import type { LeafProps } from '../leafProps';
import { RecipeCard } from './RecipeCard';
import { PageWait } from '../../../kit/PageWait';
import './cardLeaf.scss';
import { standardName } from '../../../kit/words/standards';

const papers = ['A6', 'four A6 on A4', 'A4'] as const;

/** The recipe as a card to lay beside the water pot: printed, as Markdown, as a strip of ribbons. */
export default function CardLeaf({ draft, words, prediction }: LeafProps) {
  const notify = useNotice();
  const [paper, setPaper] = useState<(typeof papers)[number]>('A6');
  const recipe = draft.recipe;
  const worker = useWorker(ofShelf);
  const save = async (format: FormatName) => {
    const { endings, mediaType } = fileFormats[format];
    try {
      saveText(await worker().recipeAs(format, recipe), `${recipe.name}${endings[0]}`, mediaType);
    } catch (error) {
      notify(error instanceof Error ? error.message : 'The file could not be written.', {
        isProblem: true,
      });
    }
  };
  if (!prediction) return <PageWait>Writing the card …</PageWait>;
  return (
    <section className="card-leaf" aria-label="Card">
      <div className="flow card-choices">
        <PaperChoice papers={papers} paper={paper} onPaper={setPaper} print="Print the card" />
        {formatNames.map((name) => {
          const { recipe: goesOut } = fileFormats[name];
          return (
            goesOut && (
              <Button key={name} variant="outline" onClick={() => void save(name)}>
                {goesOut.says}
              </Button>
            )
          );
        })}
        <p>
          {includedSteps(recipe).length} of {recipe.steps.length} lines: those of the{' '}
          {standardName(recipe.finishLevel)} standard.
        </p>
      </div>
      {paper === 'four A6 on A4' ? (
        <div className="card-four">
          {['first', 'second', 'third', 'fourth'].map((place) => (
            <RecipeCard
              key={place}
              recipe={recipe}
              words={words}
              prediction={prediction}
              paper="A6"
              copy={place}
            />
          ))}
        </div>
      ) : (
        <RecipeCard recipe={recipe} words={words} prediction={prediction} paper={paper} />
      )}
    </section>
  );
}
