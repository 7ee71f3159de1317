import { chosenModels } from '@yellow-ledger/core';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { asProblem } from '../../../data/ask';
import { useClaimMutation, useClaimsQuery } from '../../../data/club/clubApi';
import { useMayCreate } from '../../../data/club/standing';
import { useMembership } from '../../../data/club/membership';
import { useMemberNames } from '../../../data/club/useMemberNames';
import { Problem } from '../../../kit/Problem';
import { modelsWords } from '../../../kit/words/modelsWords';
import type { BenchPartProps } from '../benchPart';

/** Claims on models of the open unit, and claiming them. */
export function TakenUp({ army, bench, view }: BenchPartProps) {
  const membership = useMembership();
  const isOfClub = membership.is === 'in';
  const { data: claims } = useClaimsQuery(undefined, { skip: !isOfClub || !bench.armyId });
  const [claim, { error, isLoading }] = useClaimMutation();
  const [isTaken, setIsTaken] = useState(false);
  const nameOf = useMemberNames();
  const unit = army.units.find(({ id }) => id === view.now?.task.unitId);
  const mayPaint = useMayCreate('benches');
  if (!isOfClub || !bench.armyId || !claims || !unit) return null;
  const memberId = membership.me.member.id;
  const { armyId } = bench;
  const here = claims.filter((each) => each.armyId === armyId && each.unitId === unit.id);
  const holders = [...new Set(here.map((each) => each.memberId))];
  const of = (holder: string) =>
    here.filter((each) => each.memberId === holder).map(({ model }) => model);
  const own = of(memberId);
  const all = chosenModels(bench, unit);
  const open = all.filter((model) => !own.includes(model));
  const press = async (is: 'taken' | 'let go', models: number[], evenIfTaken = false) => {
    const answer = await claim({ armyId, unitId: unit.id, models, is, evenIfTaken });
    setIsTaken('error' in answer && asProblem(answer.error).code === 'taken');
  };
  return (
    <section>
      <h2>Who is painting what</h2>
      <ul className="rows">
        {holders.map((holder) => (
          <li className="across" key={holder}>
            <span dir="auto">
              {nameOf(holder)} <small>{modelsWords(of(holder))}</small>
            </span>
            {holder === memberId && (
              <Button variant="plain" onClick={() => void press('let go', own)}>
                Give back
              </Button>
            )}
          </li>
        ))}
      </ul>
      {mayPaint && open.length > 0 && (
        <Button
          variant="outline"
          disabled={isLoading}
          onClick={() => void press('taken', open, isTaken)}
        >
          {isTaken ? 'Paint them anyway' : `I’ll paint ${modelsWords(open)}`}
        </Button>
      )}
      {error && isTaken && <Problem>{asProblem(error).message}</Problem>}
    </section>
  );
}
