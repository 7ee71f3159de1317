import { Choice } from '../Choice';
import { Fold } from '../Fold';
import { useMembersQuery, type OpenTo } from '../../ledger/club/clubApi';
import { useMembership } from '../../ledger/club/membership';

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
  if (membership.is !== 'in') return null;
  const others = members?.filter(({ id }) => id !== membership.me.member.id) ?? [];
  const choose = (memberId: string, way: Way) => {
    const rest = openTo.filter((each) => each.memberId !== memberId);
    onOpen(way === 'nothing' ? rest : [...rest, { memberId, mayWrite: way === 'change' }]);
  };
  return (
    <Fold title={title} className="open-to-some">
      {others.map(({ id, name, role }) => {
        const open = openTo.find(({ memberId }) => memberId === id);
        return (
          <Choice<Way>
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
    </Fold>
  );
}
