/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { identityHead, restoresHead } from '../data/ledgerIdentity';
import { ledgerApi } from '../data/ledgerApi';
import { createStore, type Store } from '../data/store';
import { keptOf } from '../testing/inHand';
import { coat, now, recipe, skin } from '../testing/levy';
import { useRecipeList } from './useRecipeRows';

const asked: string[] = [];
let answers: Record<string, () => Promise<Response>>;

beforeEach(() => {
  asked.splice(0);
  global.fetch = (path) => {
    asked.push(String(path));
    return answers[String(path)]?.() ?? new Promise(() => undefined);
  };
});

const json = (body: object) =>
  new Response(JSON.stringify(body), {
    headers: { [identityHead]: 'own-ledger', [restoresHead]: '0' },
  });
const answered = (body: object) => () => Promise.resolve(json(body));
const over = recipe('over', [], { ground: now('coat') });

function shown(store: Store) {
  const around = ({ children }: { children: ReactNode }) => (
    <Provider store={store}>{children}</Provider>
  );
  return renderHook(() => useRecipeList(), { wrapper: around }).result;
}

const newest = '/api/recipes?newest=40';
const askNewest = (store: Store) =>
  act(async () => {
    await store.dispatch(ledgerApi.endpoints.newestRecipes.initiate());
  });

test('the newest are there before the others, with what is known of them', async () => {
  answers = { [newest]: answered({ items: [keptOf(over), keptOf(skin)], isAll: false }) };
  const store = createStore();
  const list = shown(store);
  expect(list.current).toMatchObject({ rows: undefined, isLoading: true });
  await askNewest(store);
  await waitFor(() => expect(list.current.isLoading).toBe(false));
  expect(list.current.rows?.map(({ id, groundId }) => [id, groundId])).toEqual([
    ['over', 'coat'],
    ['skin', null],
  ]);
  expect(list.current.recipes.get('skin')).toEqual(skin);
  expect(asked).toContain('/api/recipes');
});

test('all of them take their place', async () => {
  let answer!: (response: Response) => void;
  answers = {
    [newest]: answered({ items: [keptOf(skin)], isAll: false }),
    '/api/recipes': () => new Promise((done) => (answer = done)),
  };
  const store = createStore();
  const list = shown(store);
  await askNewest(store);
  await waitFor(() => expect(list.current.rows).toHaveLength(1));
  answer(json({ items: [coat, skin, over].map((each) => keptOf(each)) }));
  await waitFor(() => expect(list.current.rows).toHaveLength(3));
  expect(list.current.recipes.get('coat')).toEqual(coat);
});

test('a short list is the whole of it, and is not asked for once more', async () => {
  answers = { [newest]: answered({ items: [keptOf(coat)] }) };
  const store = createStore();
  await askNewest(store);
  const list = shown(store);
  expect(list.current.rows?.map(({ id }) => id)).toEqual(['coat']);
  expect(asked).toEqual([newest]);
});
