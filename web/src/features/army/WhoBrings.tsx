import { whoHas, type Holder, type Pot } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useBringMutation, useOwnersQuery, useShelvesQuery } from '../../data/club/clubApi';
import { useMembership } from '../../data/club/membership';
import { useMemberNames } from '../../data/club/useMemberNames';
import { FigureTable } from '../../kit/FigureTable';
import { IfMayCreate } from '../../kit/club/IfMay';
import { PotWords } from '../../kit/pots/PotWords';

export interface WhoBringsProps {
  armyId: string;
  /** what the army takes */
  needed: readonly string[];
  pots: readonly Pot[];
}

/** By whose pots a joint army is painted, and who brings which to the next evening. */
export function WhoBrings({ armyId, needed, pots }: WhoBringsProps) {
  const membership = useMembership();
  const isOfClub = membership.is === 'in';
  const { data: owners } = useOwnersQuery(undefined, { skip: !isOfClub });
  const { data: shelves } = useShelvesQuery(undefined, { skip: !isOfClub });
  const [bring] = useBringMutation();
  const nameOf = useMemberNames();
  if (!isOfClub || !owners || !shelves) return null;
  const me = membership.me.member.id;
  const ownerOf = (potId: string) =>
    owners.find(({ kind, id }) => kind === 'pots' && id === potId)?.memberId ?? null;
  const holderWords = ({ ownerId, lentToId }: Holder) => {
    const whose = ownerId === null ? 'the club' : nameOf(ownerId);
    return lentToId === null ? whose : `${nameOf(lentToId)} (${whose}’s)`;
  };
  return (
    <section aria-labelledby="brings-head">
      <h2 id="brings-head">Who has it, who brings it</h2>
      <FigureTable
        label="Pots of the army"
        heads={['Pot', 'With', 'To the next evening']}
        rows={needed.flatMap((potId) => {
          const pot = pots.find(({ id }) => id === potId);
          if (!pot) return [];
          const brought = shelves.brings.find(
            (each) => each.armyId === armyId && each.potId === potId,
          );
          return [
            [
              <PotWords key="pot" hex={pot.swatch} name={pot.name} />,
              whoHas(pot, pots, ownerOf, shelves.loans).map(holderWords).join(', '),
              <span key="brings" className="across">
                <span>{brought ? `${nameOf(brought.memberId)} brings it` : 'nobody has said'}</span>
                <IfMayCreate kind="benches">
                  <Button
                    variant="plain"
                    aria-label={`${brought?.memberId === me ? 'After all not' : 'I bring it'}: ${pot.name}`}
                    onClick={() =>
                      void bring({
                        armyId,
                        potId,
                        is: brought?.memberId === me ? 'left' : 'brought',
                      })
                    }
                  >
                    {brought?.memberId === me ? 'After all not' : 'I bring it'}
                  </Button>
                </IfMayCreate>
              </span>,
            ],
          ];
        })}
      />
    </section>
  );
}
