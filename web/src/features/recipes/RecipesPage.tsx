import Button from 'react-bootstrap/Button';
import { useDeferredValue, useMemo, useRef } from 'react';
import Form from 'react-bootstrap/Form';
import { useMayCreate } from '../../data/club/standing';
import { useWhose } from '../../data/club/useWhose';
import { IfMayCreate } from '../../kit/club/IfMay';
import { Options } from '../../kit/Select';
import { FetchProblem } from '../../kit/FetchProblem';
import { useShortcut } from '../../kit/keyboard/useShortcut';
import { LinkButton } from '../../kit/LinkButton';
import { PageHead } from '../../kit/PageHead';
import { Switch } from '../../kit/field/Switch';
import { useAskedNew } from '../../kit/hooks/useAskedNew';
import { useKeptHere } from '../../kit/hooks/useKeptHere';
import { useRecipeList, type RecipeRow } from '../../workers/useRecipeRows';
import { useShelf } from '../../workers/useShelf';
import { EmptyRecipes } from './EmptyRecipes';
import { ImportButton } from './ImportButton';
import { PaintModelNote } from './PaintModelNote';
import { RecipeList } from './RecipeList';
import { useRecipeDeeds } from './useRecipeDeeds';
import { PageWait } from '../../kit/PageWait';
import './recipes.scss';

export default function RecipesPage() {
  const { pots } = useShelf();
  const { rows, recipes, error, isLoading, refetch } = useRecipeList();
  const [search, setSearch] = useKeptHere<string>('search', '');
  const whose = useWhose('recipes');
  const [owner, setOwner] = useKeptHere<string>('owner', '');
  const [showsArchived, setShowsArchived] = useKeptHere<boolean>('archived', false);
  const searchField = useRef<HTMLInputElement>(null);
  const deeds = useRecipeDeeds();
  const write = () => deeds.writeNew(pots ?? []);
  useShortcut('/', () => searchField.current?.focus());
  const mayWrite = useMayCreate('recipes');
  useShortcut('n', () => mayWrite && write());
  useAskedNew(write, pots !== undefined && mayWrite);

  // A key that is typed does not wait until the list is drawn.
  const searched = useDeferredValue(search);
  const found = useMemo(
    () => (rows ?? []).filter(matches(searched, showsArchived)).sort(newestFirst),
    [rows, searched, showsArchived],
  );
  const owners = whose ? [...new Set((rows ?? []).map(({ id }) => whose(id)))].sort() : [];
  const wanted = owner === '' ? found : found.filter(({ id }) => whose?.(id) === owner);
  const potNames = useMemo(() => new Map(pots?.map(({ id, name }) => [id, name])), [pots]);
  const groundOf = ({ groundId, groundPotId }: RecipeRow) =>
    rows?.find(({ id }) => id === groundId)?.name ?? potNames.get(groundPotId) ?? '';

  if (isLoading) return <PageWait title="Recipes">Fetching the recipes …</PageWait>;
  return (
    <div className="page">
      <PageHead title="Recipes">
        <Form.Control
          ref={searchField}
          type="search"
          size="sm"
          placeholder="Search names and surfaces"
          aria-label="Search the recipes"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
        />
        {owners.length > 1 && (
          <Form.Select
            size="sm"
            aria-label="Whose recipes"
            value={owner}
            onChange={(event) => setOwner(event.target.value)}
          >
            <option value="">everybody’s</option>
            <Options of={owners} />
          </Form.Select>
        )}
        <Switch label="show archived" isOn={showsArchived} onTurn={setShowsArchived} />
        <IfMayCreate kind="recipes">
          <ImportButton />
        </IfMayCreate>
        <LinkButton to="/recipes/figure">One figure</LinkButton>
        <IfMayCreate kind="recipes">
          <LinkButton to="/recipes/draft">Draft one</LinkButton>
          <Button variant="next" onClick={write}>
            New recipe
          </Button>
        </IfMayCreate>
      </PageHead>
      {error && <FetchProblem error={error} onRetry={refetch} />}
      {rows && <PaintModelNote rows={rows} />}
      {rows?.length === 0 ? (
        <EmptyRecipes onWrite={write} onNotes={() => deeds.writeNew(pots ?? [], '/text')} />
      ) : (
        <>
          <RecipeList
            rows={wanted}
            recipes={recipes}
            groundOf={groundOf}
            whose={whose}
            deeds={deeds}
          />
          {rows && wanted.length === 0 && <p>No recipe of that name or surface.</p>}
        </>
      )}
    </div>
  );
}

function matches(search: string, showsArchived: boolean) {
  const wanted = search.trim().toLocaleLowerCase();
  return ({ name, surface, archived }: RecipeRow) =>
    (showsArchived || !archived) && `${name} ${surface}`.toLocaleLowerCase().includes(wanted);
}

const newestFirst = (one: RecipeRow, other: RecipeRow) =>
  other.savedAt.localeCompare(one.savedAt) || one.name.localeCompare(other.name);
