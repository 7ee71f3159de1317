import { useState } from 'react';
import { Select } from '../Select';
import { Disclosure } from '../Disclosure';
import { useMembersQuery, type OpenTo } from '../../data/club/clubApi';
import { useMembership } from '../../data/club/membership';

export interface OpenToSomeProps {
  title?: string;
  openTo: readonly OpenTo[];
  onOpen: (openTo: OpenTo[]) => void;
}

const ways = [
  { id: 'nothing', name: 'does not see it' },
  { id: 'look', name: 'may look at it' },
  { id: 'change', name: 'may change it' },
] as const;
type Way = (typeof ways)[number]['id'];

/** To which members something of one’s own is opened, each by one choice. */
export function OpenToSome({ title = 'Choose who sees it', openTo, onOpen }: OpenToSomeProps) {
  const membership = useMembership();
  const { data: members } = useMembersQuery();
  // Until the server has said so too, a second choice is made from the first one.
  const [chosen, setChosen] = useState<OpenTo[] | null>(null);
  if (chosen !== null && isSameOpening(chosen, openTo)) setChosen(null);
  const shown = chosen ?? openTo;
  const choose = (memberId: string, way: Way) => {
    const rest = shown.filter((each) => each.memberId !== memberId);
    const now = way === 'nothing' ? rest : [...rest, { memberId, mayWrite: way === 'change' }];
    setChosen(now);
    onOpen(now);
  };
  if (membership.is !== 'in') return null;
  const others = members?.filter(({ id }) => id !== membership.me.member.id) ?? [];
  return (
    <Disclosure title={title} className="open-to-some">
      {others.map(({ id, name, role }) => {
        const open = shown.find(({ memberId }) => memberId === id);
        return (
          <Select<Way>
            key={id}
            label={name}
            value={!open ? 'nothing' : open.mayWrite ? 'change' : 'look'}
            // A guest only ever looks.
            options={role === 'guest' ? ways.slice(0, 2) : ways}
            onChoose={(way) => choose(id, way)}
          />
        );
      })}
      {others.length === 0 && <p>You are the only member so far.</p>}
    </Disclosure>
  );
}

const keyOf = (openTo: readonly OpenTo[]) =>
  openTo
    .map(({ memberId, mayWrite }) => `${memberId} ${mayWrite}`)
    .sort()
    .join();

const isSameOpening = (one: readonly OpenTo[], other: readonly OpenTo[]) =>
  keyOf(one) === keyOf(other);
