import type { Pot } from '@yellow-ledger/core';
import { format, parseISO } from 'date-fns';
import Button from 'react-bootstrap/Button';
import { asProblem } from '../../data/ask';
import {
  useGiveBackMutation,
  useLendMutation,
  useMembersQuery,
  useShelvesQuery,
} from '../../data/club/clubApi';
import { useMembership } from '../../data/club/membership';
import { useMay } from '../../data/club/standing';
import { useMemberNames } from '../../data/club/useMemberNames';
import { Select } from '../../kit/Select';
import { Problem } from '../../kit/Problem';

/** The holder of a pot: lending it to another member, and its return. */
export function LentTo({ pot }: { pot: Pot }) {
  const membership = useMembership();
  const mayLend = useMay('pots', pot.id)('write');
  const { data: shelves } = useShelvesQuery();
  const { data: members } = useMembersQuery(undefined, { skip: !mayLend });
  const [lend, { error }] = useLendMutation();
  const [giveBack] = useGiveBackMutation();
  const nameOf = useMemberNames();
  if (membership.is !== 'in' || !shelves) return null;
  const me = membership.me.member.id;
  const loan = shelves.loans.find(({ potId, backAt }) => potId === pot.id && backAt === null);
  const last = shelves.loans.find(({ potId, backAt }) => potId === pot.id && backAt !== null);
  if (loan)
    return (
      <>
        <span dir="auto">
          Lent to {nameOf(loan.toId)} since {format(parseISO(loan.lentAt), 'd MMM yyyy')}
        </span>
        {(mayLend || loan.toId === me) && (
          <Button variant="plain" onClick={() => void giveBack(loan.id)}>
            It is back
          </Button>
        )}
      </>
    );
  return (
    <>
      {last?.backAt && (
        <span dir="auto">
          Last lent to {nameOf(last.toId)}, back {format(parseISO(last.backAt), 'd MMM yyyy')}
        </span>
      )}
      {mayLend && members && (
        <Select
          label="Lend it to"
          value=""
          onChoose={(toId) => void lend({ potId: pot.id, toId })}
          options={[{ id: '', name: 'nobody' }, ...members.filter(({ id }) => id !== me)]}
        />
      )}
      {error && <Problem>{asProblem(error).message}</Problem>}
    </>
  );
}
