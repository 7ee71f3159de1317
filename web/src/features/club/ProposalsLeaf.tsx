import type { Proposal } from '@yellow-ledger/core';
import { format, parseISO } from 'date-fns';
import { Link, useSearchParams } from 'react-router';
import { asProblem } from '../../data/ask';
import { useProposalsQuery } from '../../data/club/clubApi';
import type { Member } from '../../data/club/membership';
import { useMemberNames } from '../../data/club/useMemberNames';
import { theClubs, useWhose } from '../../data/club/useWhose';
import { useRecords } from '../../data/useCollections';
import { RecipeGrid } from '../../kit/paint/RecipeGrid';
import { Problem } from '../../kit/Problem';
import { ProposeForm } from './ProposeForm';
import { ProposalSheet } from './ProposalSheet';

/** The club's recipes, and proposals to it: the open ones first, then the decided ones. */
export function ProposalsLeaf({ me }: { me: Member }) {
  const [asked] = useSearchParams();
  const { data: proposals, error } = useProposalsQuery();
  const { kept: recipes } = useRecords('recipes');
  const nameOf = useMemberNames();
  const whose = useWhose('recipes');
  const clubs = recipes?.flatMap(({ content: { id, name, archived } }) =>
    !archived && whose?.(id) === theClubs ? [{ id, name }] : [],
  );
  const proposing = recipes?.find(({ content }) => content.id === asked.get('recipe'));
  const opened = proposals?.find(({ id }) => id === asked.get('open'));
  if (opened) return <ProposalSheet key={opened.id} proposal={opened} me={me} />;
  const open = proposals?.filter(({ state }) => state === 'open') ?? [];
  const decided = proposals?.filter(({ state }) => state !== 'open') ?? [];
  const row = (proposal: Proposal) => (
    <li key={proposal.id} className="across">
      <span>
        <Link to={`/club/proposals?open=${proposal.id}`} dir="auto">
          {proposal.content.name}
        </Link>{' '}
        <small>
          by {nameOf(proposal.memberId)}, {format(parseISO(proposal.madeAt), 'd MMM')}
          {proposal.remarks.length > 0 && `, remarks: ${proposal.remarks.length}`}
        </small>
      </span>
      <span>{stateWords(proposal)}</span>
    </li>
  );
  return (
    <>
      {proposing && <ProposeForm recipe={proposing.content} />}
      <section aria-labelledby="club-recipes-head">
        <h2 id="club-recipes-head">The club’s recipes</h2>
        {clubs && clubs.length === 0 && (
          <p>The club has no recipe yet. A manager makes a proposal a club recipe.</p>
        )}
        {clubs && <RecipeGrid recipes={clubs} />}
      </section>
      <section aria-labelledby="open-head">
        <h2 id="open-head">Waiting for a manager</h2>
        {error && <Problem>{asProblem(error).message}</Problem>}
        {proposals && open.length === 0 && (
          <p>
            Nothing waits. Copy a club recipe, or make one of your own; its page has “Propose it to
            the club”. What a manager approves is a club version; an army changes only once its
            owner switches versions.
          </p>
        )}
        <ul className="ruled">{open.map(row)}</ul>
      </section>
      {decided.length > 0 && (
        <section aria-labelledby="decided-head">
          <h2 id="decided-head">Decided</h2>
          <ul className="ruled">{decided.map(row)}</ul>
        </section>
      )}
    </>
  );
}

function stateWords({ state, version }: Proposal): string {
  if (state === 'approved') return `approved as version ${version}`;
  return state === 'declined' ? 'declined' : 'open';
}
