import { may, type Recipe } from '@yellow-ledger/core';
import { Link } from 'react-router';
import { useMembership } from '../../data/club/membership';
import { useStanding } from '../../data/club/standing';

/** The way from a recipe of one’s own to the club. */
export function ProposeLink({ recipe }: { recipe: Recipe }) {
  const membership = useMembership();
  const standing = useStanding('recipes', recipe.id);
  if (membership.is !== 'in' || standing?.relation !== 'mine') return null;
  if (!may(membership.me.member.role, 'mine', 'create', 'proposals')) return null;
  return <Link to={`/club/proposals?recipe=${recipe.id}`}>Propose it to the club</Link>;
}
