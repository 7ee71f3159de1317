import { includedSteps, type Pot, type Recipe } from '@yellow-ledger/core';
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  MeasuringStrategy,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import Button from 'react-bootstrap/Button';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useShortcut } from '../../../kit/keyboard/useShortcut';
import { Ribbon } from '../../../kit/paint/Ribbon';
import { useOpenHere } from '../../../kit/hooks/useOpenHere';
import type { RecipeWords } from '../../../kit/words/recipeWords';
import type { Prediction } from '../../../workers/shared/predictWork';
import { carryingWords } from './carryingWords';
import { RemarkWords } from './LineRemarks';
import { MarkTool } from './MarkTool';
import { RecipeLine } from './RecipeLine';
import { ToneScale } from './ToneScale';
import type { Draft } from '../useDraft';
import { SeveralLines } from './SeveralLines';
import { SayLine } from '../say/SayLine';
import { useCollection } from '../../../data/useCollections';
import { useLineDeeds } from './useLineDeeds';
import { firstUses } from '../../../kit/words/firstUses';

export interface RecipeLinesProps {
  draft: Draft;
  words: RecipeWords;
  prediction: Prediction | null;
  pots: Pot[];
}

/** The lines of the page, one under the other, so that a column is the life of one place. */
export function RecipeLines({ draft, words, prediction, pots }: RecipeLinesProps) {
  const kept = useCollection('recipes');
  const others = useMemo(() => kept?.map(({ content }) => content), [kept]);
  const recipe = draft.recipe;
  const deeds = useLineDeeds(recipe, pots);
  const [openId, setOpenId] = useOpenHere();
  const [cameOpen] = useState(openId);
  const toFocus = useRef<string | null>(null);
  const list = useRef<HTMLOListElement>(null);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: sortableKeyboardCoordinates,
      scrollBehavior: 'auto',
    }),
  );

  const focusNow = (stepId: string | null) =>
    list.current?.querySelector<HTMLElement>(`[data-line="${stepId}"]`)?.focus();
  // After a line was added, moved, deleted or closed the keyboard goes on where the eye is; the
  // line may only be there after the next drawing.
  const focusNext = (stepId: string | null) => {
    toFocus.current = stepId;
  };
  useEffect(() => {
    if (toFocus.current) focusNow(toFocus.current);
    toFocus.current = null;
  }, [recipe.steps, openId]);

  const add = () => {
    const stepId = deeds.add();
    if (stepId) setOpenId(stepId);
  };
  useShortcut('n', add);

  const onLineKey = (stepId: string, event: React.KeyboardEvent) => {
    const index = deeds.numberOf(stepId) - 1;
    const neighbour = { ArrowUp: index - 1, ArrowDown: index + 1 }[event.key];
    if (neighbour !== undefined && event.altKey) {
      if (deeds.move(stepId, neighbour)) focusNext(stepId);
    } else if (neighbour !== undefined) focusNow(recipe.steps[neighbour]?.id ?? null);
    else if (event.key === 'Delete') focusNext(deeds.remove(stepId));
    else if (event.key === 'd' && !event.ctrlKey && !event.metaKey)
      focusNext(deeds.duplicate(stepId));
    else return;
    event.preventDefault();
  };
  const close = (stepId: string) => {
    setOpenId(null);
    focusNext(stepId);
  };

  const build = prediction?.buildUp;
  const stops = stopsWorthSaying(recipe, prediction?.stoppingPoints ?? []);
  const onTheWhole = prediction?.remarks.filter(({ stepId }) => stepId === null) ?? [];
  const firstConsistency = firstUses(prediction?.consistency ?? []);
  const firstMeaning = firstUses(recipe.steps.map(({ id }) => prediction?.meanings[id]));
  return (
    <section aria-label="Lines">
      {onTheWhole.length > 0 && (
        <div className="whole-remarks" role="group" aria-label="Remarks on the whole">
          {onTheWhole.map((remark) => (
            <RemarkWords key={remark.sentence} remark={remark} recipe={recipe} onFix={deeds.fix} />
          ))}
        </div>
      )}
      <div className="line-grid lines-head">
        <span className="line-column-step">Step</span>
        <span className="line-column-mix">Mix</span>
        <span className="line-column-coats">Coats</span>
        <ToneScale />
        <span className="line-column-remarks">Remarks</span>
      </div>
      {build && (
        <div className="line-grid ground-line">
          <span className="ground-words">
            Undercoat: {words.groundName}
            {build.groundIsEstimate && ' ≈'}
          </span>
          <Ribbon stops={build.stops} surface={build.ground} label="The undercoat" height={12} />
        </div>
      )}
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        // Remarks that come in while a line is carried move the lines below them.
        measuring={{ droppable: { strategy: MeasuringStrategy.Always } }}
        accessibility={{ announcements: carryingWords(deeds.numberOf) }}
        onDragEnd={({ active, over }) => {
          if (!over || over.id === active.id) return;
          deeds.move(String(active.id), deeds.numberOf(String(over.id)) - 1);
        }}
      >
        <SortableContext items={recipe.steps} strategy={verticalListSortingStrategy}>
          <ol className="rows lines" ref={list}>
            {recipe.steps.map((step, index) => (
              <RecipeLine
                key={step.id}
                step={step}
                number={index + 1}
                draft={draft}
                words={words}
                pots={pots}
                build={build}
                buildUp={build?.steps.find(({ stepId }) => stepId === step.id)}
                drops={prediction?.drops[index] ?? null}
                consistency={prediction?.consistency[index]}
                firstUse={{ consistency: firstConsistency[index], meaning: firstMeaning[index] }}
                meaning={prediction?.meanings[step.id]}
                remarks={prediction?.remarks.filter(({ stepId }) => stepId === step.id) ?? []}
                mayStop={stops.includes(step.id)}
                isOpen={openId === step.id}
                wasOpen={cameOpen === step.id}
                deeds={deeds}
                onKey={onLineKey}
                onToggle={() => (openId === step.id ? close(step.id) : setOpenId(step.id))}
                onClose={() => close(step.id)}
                onFocus={focusNext}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <SayLine
        recipe={recipe}
        pots={pots}
        others={others}
        words={words}
        onAdd={deeds.addAll}
        onAddOnSpot={deeds.addOnSpot}
        onChange={deeds.putAll}
      />
      <div className="flow lines-foot">
        <Button variant={recipe.steps.length === 0 ? 'next' : 'outline'} onClick={add}>
          {recipe.steps.length === 0 ? 'Write the first line' : 'Add a line'}
        </Button>
        <small>
          Colours are those of dry paint in daylight. Wet paint looks stronger; judge it dry.
        </small>
      </div>
      {recipe.steps.length > 1 && <SeveralLines recipe={recipe} pots={pots} deeds={deeds} />}
      {recipe.ground && <MarkTool recipe={recipe} onLines={deeds.addAll} />}
    </section>
  );
}

/** The first place to stop, and those where a finish level ends; the leaf of levels has them all. */
function stopsWorthSaying(recipe: Recipe, stoppingPoints: readonly string[]): string[] {
  const painted = includedSteps(recipe);
  return stoppingPoints.filter((stepId, index) => {
    const at = painted.findIndex(({ id }) => id === stepId);
    const next = painted[at + 1];
    // The prediction may be of the draft before: a line that is gone is no place to stop.
    return at >= 0 && next !== undefined && (index === 0 || next.level !== painted[at].level);
  });
}
