import { resources, type AnyRecord, type ResourceName } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { ReasonButton } from '../../kit/ReasonButton';
import { asProblem } from '../../data/ask';
import {
  useMembersQuery,
  useOwnersQuery,
  useSetWhoseOfManyMutation,
  type OpenTo,
  type Owned,
} from '../../data/club/clubApi';
import type { Member } from '../../data/club/membership';
import { useRecords } from '../../data/useCollections';
import { OpenToSome } from '../../kit/club/OpenToSome';
import { ActionBar } from '../../kit/ActionBar';
import { Problem } from '../../kit/Problem';

/** The kinds a member shows or keeps; what hangs on them goes along. */
const kinds = [
  { kind: 'pots', title: 'My pots' },
  { kind: 'recipes', title: 'My recipes' },
  { kind: 'armies', title: 'My armies' },
  { kind: 'benches', title: 'My benches' },
  { kind: 'palettes', title: 'My palettes' },
  { kind: 'photographs', title: 'My photographs' },
] as const satisfies readonly { kind: ResourceName; title: string }[];

/** Everything of one's own, who sees it, and taking that back. */
export function WhoSeesLeaf({ me }: { me: Member }) {
  const { data: owners } = useOwnersQuery();
  const own = owners?.filter(({ memberId }) => memberId === me.id);
  return (
    <>
      <p>
        What you make is yours alone until you show it. Of a pot you keep to yourself, others see
        the colour where a recipe they see draws from it, and nothing else.
      </p>
      {own?.length === 0 && <p>Nothing here is yours yet: what there is, is the club’s.</p>}
      {kinds.map(({ kind, title }) => {
        const ofKind = own?.filter((each) => each.kind === kind) ?? [];
        return ofKind.length > 0 && <OwnKind key={kind} kind={kind} title={title} own={ofKind} />;
      })}
    </>
  );
}

interface OwnKindProps {
  kind: ResourceName;
  title: string;
  own: readonly Owned[];
}

const isShown = ({ isShared, openTo = [] }: Owned) => isShared || openTo.length > 0;

function OwnKind({ kind, title, own }: OwnKindProps) {
  const { kept } = useRecords(kind);
  const records = kept as readonly { content: AnyRecord }[] | undefined;
  const { data: members } = useMembersQuery();
  const [set, { error, isLoading }] = useSetWhoseOfManyMutation();
  const nameOf = new Map(
    records?.map(({ content }) => [
      content.id,
      (resources[kind].nameOf as (record: AnyRecord) => string)(content),
    ]),
  );
  const shown = own.filter(isShown);
  const make = (items: readonly Owned[], is: 'mine' | 'shared', openTo: OpenTo[] = []) =>
    void set({ items: items.map(({ id }) => ({ kind, id })), is, openTo });
  const whoSees = ({ isShared, openTo = [] }: Owned) =>
    isShared
      ? 'everybody in the club'
      : openTo
          .map(({ memberId, mayWrite }) => {
            const name = members?.find(({ id }) => id === memberId)?.name ?? 'a former member';
            return mayWrite ? `${name} (may change it)` : name;
          })
          .join(', ');
  return (
    <section aria-labelledby={`own-${kind}`}>
      <h2 id={`own-${kind}`}>{title}</h2>
      <p>
        {own.length} in all, {shown.length} shown.
      </p>
      <ActionBar className="club-deeds">
        <ReasonButton
          variant="outline"
          isBusy={isLoading}
          why={shown.length === own.length ? 'All are shown.' : null}
          onClick={() => make(own, 'shared')}
        >
          Show all to the club
        </ReasonButton>
        <ReasonButton
          variant="outline"
          isBusy={isLoading}
          why={shown.length === 0 ? 'None is shown.' : null}
          onClick={() => make(shown, 'mine')}
        >
          Keep all to yourself
        </ReasonButton>
      </ActionBar>
      <OpenToSome
        title="Show all to some members"
        openTo={commonTo(own)}
        onOpen={(openTo) => make(own, 'mine', openTo)}
      />
      <ul className="ruled" aria-label={`${title}, shown`}>
        {shown.map((each) => (
          <li key={each.id} className="across">
            <span>
              {nameOf.get(each.id) ?? 'one that is not here any more'}{' '}
              <small>{whoSees(each)}</small>
            </span>
            <Button variant="plain" disabled={isLoading} onClick={() => make([each], 'mine')}>
              Keep it to yourself
            </Button>
          </li>
        ))}
      </ul>
      {error && <Problem>{asProblem(error).message}</Problem>}
    </section>
  );
}

/** To whom every one of them is opened in the same way. */
function commonTo(own: readonly Owned[]): OpenTo[] {
  const [first, ...rest] = own.map(({ openTo = [] }) => openTo);
  return first.filter((each) =>
    rest.every((openTo) =>
      openTo.some(
        ({ memberId, mayWrite }) => memberId === each.memberId && mayWrite === each.mayWrite,
      ),
    ),
  );
}
