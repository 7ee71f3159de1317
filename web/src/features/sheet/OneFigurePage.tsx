import { lineLimit, looseFigure, type Army, type Recipe, type Unit } from '@yellow-ledger/core';
import { useMemo, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { ReasonButton } from '../../kit/ReasonButton';
import { useRecords } from '../../data/useCollections';
import { useWriter } from '../../data/useWriter';
import { CountField } from '../../kit/field/CountField';
import { IfMayCreate } from '../../kit/club/IfMay';
import { EmptyPage } from '../../kit/EmptyPage';
import { LinkButton } from '../../kit/LinkButton';
import { PageHead } from '../../kit/PageHead';
import { FigureSheet } from '../../kit/sheet/FigureSheet';
import { RecipeTicks } from '../../kit/paint/RecipeTicks';
import { useShelf } from '../../workers/useShelf';
import { benchOfFigure } from '../../kit/paint/benchRecord';
import { PageWait } from '../../kit/PageWait';

const mostRecipes = 20;

/** One figure from the recipes that are ticked: its sheet, or straight to the bench with it. */
export default function OneFigurePage() {
  const { kept } = useRecords('recipes');
  const { pots } = useShelf();
  const [asked, setAsked] = useSearchParams();
  const [models, setModels] = useState(1);
  const writer = useWriter();
  const navigate = useNavigate();
  const recipes = useMemo(
    () => kept?.flatMap(({ content }) => (content.archived ? [] : [content])),
    [kept],
  );
  const inAddress = asked.get('of') ?? '';
  // The address changes a moment after the press; until then a tick shows what was pressed.
  const [pressed, setPressed] = useState<{ before: string; ids: readonly string[] } | null>(null);
  const ids =
    pressed?.before === inAddress ? pressed.ids : inAddress.split(',').filter((id) => id !== '');
  const key = ids.join();
  const figure = useMemo(() => {
    const chosen = (recipes ?? []).filter(({ id }) => key.split(',').includes(id));
    return chosen.length === 0 ? null : figureOf(chosen, models);
  }, [recipes, key, models]);
  if (!recipes || !pots) return <PageWait title="One figure">Fetching the recipes …</PageWait>;
  if (recipes.length === 0)
    return (
      <EmptyPage
        shows="figure"
        title="One figure"
        words="A figure is made of recipes, and there is none yet."
      >
        <LinkButton to="/recipes">To the recipes</LinkButton>
      </EmptyPage>
    );
  const toBench = () => {
    if (!figure) return;
    const bench = benchOfFigure(figure.unit);
    writer.create('benches', `put ${bench.name} on the bench`, bench);
    void navigate(`/bench/${bench.id}`);
  };
  return (
    <div className="page">
      <PageHead title="One figure">
        <CountField label="Models" value={models} least={1} most={200} onCount={setModels} />
        <IfMayCreate kind="benches">
          <ReasonButton
            variant="outline"
            why={figure ? null : 'Tick a recipe first.'}
            onClick={toBench}
          >
            Put it on the bench
          </ReasonButton>
        </IfMayCreate>
      </PageHead>
      <div className="sheet-choices">
        <RecipeTicks
          legend="Painted by"
          recipes={recipes}
          ticked={ids}
          most={mostRecipes}
          onTicked={(next) => {
            setPressed({ before: inAddress, ids: next });
            setAsked(next.length > 0 ? { of: next.join() } : {}, { replace: true });
          }}
        />
        {!figure && (
          <p>
            Tick what it is painted by: each recipe is a surface of it, and one that goes onto
            another lies over that.
          </p>
        )}
      </div>
      {figure && (
        <FigureSheet
          army={figure.army}
          unit={figure.unit}
          pots={pots}
          model={null}
          models={models}
        />
      )}
    </div>
  );
}

/** The figure, and an army nobody keeps that it is of. */
function figureOf(recipes: readonly Recipe[], models: number): { army: Army; unit: Unit } {
  const name = recipes
    .map((recipe) => recipe.name)
    .join(', ')
    .slice(0, lineLimit);
  const unit = looseFigure(name, recipes, models);
  return { unit, army: { id: 'one-figure', name, scheme: [], units: [unit], notes: '' } };
}
