import type { Proposal, Recipe } from '@yellow-ledger/core';
import { format, parseISO } from 'date-fns';
import { useMemo } from 'react';
import { Link } from 'react-router';
import type { Member } from '../../data/club/membership';
import { useMemberNames } from '../../data/club/useMemberNames';
import { useRecord } from '../../data/useCollections';
import { ComparedRecipes } from '../../kit/compare/ComparedRecipes';
import { FinishedRibbon } from '../../kit/paint/FinishedRibbon';
import { useShelf } from '../../workers/useShelf';
import { Deciding } from './Deciding';
import { PaintedByIt } from './PaintedByIt';
import { Remarks } from './Remarks';
import { PageWait } from '../../kit/PageWait';

/** One proposal beside what the club has: line by line, on whom it stands, what is said of it. */
export function ProposalSheet({ proposal, me }: { proposal: Proposal; me: Member }) {
  const { content, targetId, words, memberId, madeAt } = proposal;
  const kept = useRecord('recipes', targetId ?? '');
  const target = targetId === null ? null : kept;
  const { pots } = useShelf();
  const nameOf = useMemberNames();
  // As it would stand in the club: by that one’s identity, so that only what is painted differs.
  const proposed = useMemo<Recipe>(
    () => (target ? { ...content, id: target.content.id, name: target.content.name } : content),
    [content, target],
  );
  if (!pots) return <PageWait>Looking over the shelf …</PageWait>;
  const remarksOn = (stepId: string | null) => (
    <Remarks proposal={proposal} stepId={stepId} me={me} />
  );
  return (
    <article className="proposal" aria-labelledby="proposal-head">
      <p>
        <Link to="/club/proposals">All proposals</Link>
      </p>
      <h2 id="proposal-head" dir="auto">
        {content.name}: {target ? `for ${target.content.name}` : 'a new club recipe'}
      </h2>
      <p>
        Proposed by {nameOf(memberId)}, {format(parseISO(madeAt), 'd MMM yyyy, HH:mm')}.{' '}
        {words && <span dir="auto">“{words}”</span>}
      </p>
      {targetId !== null && !target && <p role="alert">The club recipe it is for is gone.</p>}
      <Deciding proposal={proposal} me={me} revision={target?.revision ?? 0} />
      {target ? (
        <>
          <h3>Beside what the club has</h3>
          <ComparedRecipes
            one={target.content}
            other={proposed}
            pots={pots}
            sides={['The club has', 'Proposed']}
            beside={remarksOn}
          />
          <PaintedByIt recipeId={target.content.id} proposed={proposed} />
        </>
      ) : (
        <>
          <FinishedRibbon recipe={content} label={`${content.name}, finished`} />
          <ol className="ruled">
            {content.steps.map((step) => (
              <li key={step.id}>
                <p>
                  {step.stage}, {step.technique}
                  {step.note && <span dir="auto">: {step.note}</span>}
                </p>
                {remarksOn(step.id)}
              </li>
            ))}
          </ol>
        </>
      )}
      <h3>On all of it</h3>
      {remarksOn(null)}
    </article>
  );
}
