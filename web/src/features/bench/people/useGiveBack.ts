import type { Bench } from '@yellow-ledger/core';
import { useClaimMutation, useClaimsQuery } from '../../../data/club/clubApi';
import { useMembership } from '../../../data/club/membership';

/** Gives back the models one paints of the army of a bench: the evening on it is over. */
export function useGiveBack({ armyId }: Bench): () => void {
  const membership = useMembership();
  const isOfClub = membership.is === 'in';
  const { data: claims } = useClaimsQuery(undefined, { skip: !isOfClub || !armyId });
  const [claim] = useClaimMutation();
  return () => {
    if (!isOfClub || !armyId) return;
    const own = claims?.filter(
      (each) => each.armyId === armyId && each.memberId === membership.me.member.id,
    );
    for (const unitId of new Set(own?.map((each) => each.unitId)))
      void claim({
        armyId,
        unitId,
        models: own?.flatMap((each) => (each.unitId === unitId ? [each.model] : [])) ?? [],
        is: 'let go',
      });
  };
}
