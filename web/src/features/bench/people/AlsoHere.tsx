import { alsoPaintedOn, counted } from '@yellow-ledger/core';
import { useClaimsQuery } from '../../../data/club/clubApi';
import { useMembership } from '../../../data/club/membership';
import { useMemberNames } from '../../../data/club/useMemberNames';
import { painterHere } from '../../../data/log/painterHere';
import { Problem } from '../../../kit/Problem';
import { modelsWords } from '../../../kit/words/modelsWords';
import type { BenchPartProps } from '../benchPart';

/** Another painter's work longer ago than this is no reason to ask, ms. */
const latelyMs = 3 * 3_600_000;

/** Told before it matters: another paints the models in hand, or has just painted on them. */
export function AlsoHere({ bench, view, hand }: BenchPartProps) {
  const membership = useMembership();
  const isOfClub = membership.is === 'in';
  const { data: claims } = useClaimsQuery(undefined, { skip: !isOfClub || !bench.armyId });
  const nameOf = useMemberNames();
  const task = view.now?.task;
  if (!isOfClub || !bench.armyId || !task) return null;
  const { armyId } = bench;
  const { unitId, models } = task;
  const me = painterHere.name();
  const taken = (claims ?? []).filter(
    (claim) =>
      claim.armyId === armyId &&
      claim.unitId === unitId &&
      models.includes(claim.model) &&
      nameOf(claim.memberId) !== me,
  );
  const painted = alsoPaintedOn(
    hand.log.entries,
    { armyId, unitId, models },
    me,
    hand.now - latelyMs,
  );
  const names = [
    ...new Set([...taken.map(({ memberId }) => nameOf(memberId)), ...painted.map(({ by }) => by)]),
  ];
  if (names.length === 0) return null;
  return (
    <Problem role="status">
      {names.map((name) => {
        const has = taken.filter(({ memberId }) => nameOf(memberId) === name);
        const last = painted.find(({ by }) => by === name);
        return (
          <p key={name} dir="auto">
            <b>{name || 'Somebody'}</b>
            {has.length > 0 && ` paints ${modelsOf(has.map(({ model }) => model))}`}
            {has.length > 0 && last && ', and'}
            {last &&
              ` painted on ${modelsOf(last.models)} ${agoWords(hand.now - Date.parse(last.at))}`}
            .
          </p>
        );
      })}
    </Problem>
  );
}

const modelsOf = (models: readonly number[]) =>
  `${models.length === 1 ? 'model' : 'models'} ${modelsWords(models)}`;

function agoWords(ms: number): string {
  const minutes = Math.max(0, Math.round(ms / 60_000));
  return minutes === 0 ? 'just now' : `${counted(minutes, 'minute')} ago`;
}
