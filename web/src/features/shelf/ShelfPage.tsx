import { isOpaqueId, ownerOf, potKinds, type Kept, type Pot } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useCallback, useDeferredValue, useMemo, useRef, useState } from 'react';
import Form from 'react-bootstrap/Form';
import { useMayCreate } from '../../data/club/standing';
import { useWhose } from '../../data/club/useWhose';
import { Options } from '../../kit/Select';
import { IfMayCreate } from '../../kit/club/IfMay';
import { EmptyPage } from '../../kit/EmptyPage';
import { FetchProblem } from '../../kit/FetchProblem';
import { useShortcut } from '../../kit/keyboard/useShortcut';
import { LinkButton } from '../../kit/LinkButton';
import { PageHead } from '../../kit/PageHead';
import { SampleButton } from '../../kit/paint/SampleButton';
import { ShelfTabs } from '../../kit/pots/ShelfTabs';
import { Switch } from '../../kit/field/Switch';
import { useAskedNew } from '../../kit/hooks/useAskedNew';
import { useKeptHere } from '../../kit/hooks/useKeptHere';
import { useOpenHere } from '../../kit/hooks/useOpenHere';
import { useShelf } from '../../workers/useShelf';
import { newPot } from './newPot';
import { SwatchesToRead } from './SwatchesToRead';
import { ShelfTable } from './ShelfTable';
import { PageWait } from '../../kit/PageWait';
import './shelf.scss';

export default function ShelfPage() {
  const { kept: all, isLoading, error, refetch } = useShelf();
  // Placeholders of other members’ private pots are not on the shelf.
  const kept = useMemo(() => all.filter(({ content }) => !isOpaqueId(content.id)), [all]);
  const [search, setSearch] = useKeptHere<string>('search', '');
  const [kind, setKind] = useKeptHere<Pot['kind'] | ''>('kind', '');
  const [owner, setOwner] = useKeptHere<string>('owner', '');
  const [showsRetired, setShowsRetired] = useKeptHere<boolean>('retired', false);
  const [added, setAdded] = useState<Kept<Pot> | null>(null);
  const [openId, setOpenId] = useOpenHere();
  const searchField = useRef<HTMLInputElement>(null);

  const whose = useWhose('pots');
  const whoseIs = useCallback((pot: Pot) => whose?.(pot.id) ?? ownerOf(pot), [whose]);
  const owners = [...new Set(kept.map(({ content }) => whoseIs(content)))].sort();
  const add = () => {
    const pot = newPot();
    setAdded({ content: pot, revision: 0, savedAt: '' });
    setOpenId(pot.id);
  };
  useShortcut('/', () => searchField.current?.focus());
  const mayAdd = useMayCreate('pots');
  useShortcut('n', () => mayAdd && add());
  useAskedNew(add, !isLoading && mayAdd);

  const shown = useMemo(() => {
    const wanted = search.trim().toLocaleLowerCase();
    const isNew = added && !kept.some(({ content }) => content.id === added.content.id);
    const found = kept.filter(
      ({ content }) =>
        content.id === openId ||
        ((kind === '' || content.kind === kind) &&
          (showsRetired || !content.retired) &&
          `${content.name} ${content.notes}`.toLocaleLowerCase().includes(wanted)),
    );
    return isNew ? [added, ...found] : found;
  }, [kept, added, openId, search, kind, showsRetired]);
  const onShelf = useMemo(
    () =>
      owner === ''
        ? shown
        : shown.filter(({ content }) => content.id === openId || whoseIs(content) === owner),
    [shown, owner, openId, whoseIs],
  );
  // A key that is typed does not wait until the table is drawn.
  const drawn = useDeferredValue(onShelf);
  const close = useCallback(() => {
    setOpenId(null);
    setAdded(null);
  }, [setOpenId]);

  if (isLoading) return <PageWait title="Shelf">Fetching the shelf …</PageWait>;
  return (
    <div className="page">
      <PageHead title="Shelf">
        <Form.Control
          ref={searchField}
          type="search"
          size="sm"
          placeholder="Search names and notes"
          aria-label="Search the shelf"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
        />
        <Form.Select
          size="sm"
          aria-label="Kind"
          value={kind}
          onChange={(event) => setKind(event.target.value as Pot['kind'] | '')}
        >
          <option value="">every kind</option>
          <Options of={potKinds} />
        </Form.Select>
        {owners.length > 1 && (
          <Form.Select
            size="sm"
            aria-label="Whose shelf"
            value={owner}
            onChange={(event) => setOwner(event.target.value)}
          >
            <option value="">every shelf</option>
            <Options of={owners} />
          </Form.Select>
        )}
        <Switch label="show removed" isOn={showsRetired} onTurn={setShowsRetired} />
        <IfMayCreate kind="pots">
          <Button variant={openId ? 'outline' : 'next'} onClick={add}>
            Add a pot
          </Button>
        </IfMayCreate>
      </PageHead>
      <ShelfTabs />
      {error && <FetchProblem error={error} onRetry={() => void refetch()} />}
      {kept.length === 0 && !added && !error ? (
        <EmptyShelf onAdd={add} />
      ) : (
        <>
          {mayAdd && <SwatchesToRead kept={kept} />}
          <ShelfTable shown={drawn} openId={openId} onOpen={setOpenId} onClosed={close} />
          <p className="shelf-count" role="status">
            {onShelf.length === kept.length
              ? `${kept.length} pots.`
              : `${onShelf.length} of ${kept.length} pots.`}
          </p>
        </>
      )}
    </div>
  );
}

function EmptyShelf({ onAdd }: { onAdd: () => void }) {
  return (
    <EmptyPage
      shows="shelf"
      title="Nothing on the shelf yet"
      words="The shelf holds the pots your recipes draw from. For each you say what it looks like dried at full strength, and how well one coat hides what is below; everything the ledger predicts comes from those two."
    >
      <Button variant="next" onClick={onAdd}>
        Add the first pot
      </Button>
      <LinkButton to="/shelf/fill/pigments">Begin with plain pigments</LinkButton>
      <LinkButton to="/shelf/fill">Many pots in one picture</LinkButton>
      <LinkButton to="/shelf/files">Import a table of pots</LinkButton>
      <SampleButton />
    </EmptyPage>
  );
}
