import { differencesBetween, type Kept, type Recipe } from '@yellow-ledger/core';
import { createStore } from '../store';
import { closeDraft, openDraft, saveNow, settleDraft } from './draftAutosave';
import { draftActions } from './draftSlice';
import { unsavedDrafts } from './unsavedDrafts';

const recipe: Recipe = {
  id: 'oilskin',
  name: 'Oilskin',
  surface: 'cloth',
  groundPotId: 'soot',
  finishLevel: 'table',
  models: 6,
  areaCm2: 8,
  steps: [],
  notes: '',
  archived: false,
};
const kept = (content: Recipe, revision: number): Kept<Recipe> => ({
  content,
  revision,
  savedAt: '2026-11-24T10:00:00.000Z',
});

/** What the browser keeps, and what the server holds, for as long as a test. */
let stored: Map<string, string>;
let onServer: Kept<Recipe> | null;
let isServerUp: boolean;

beforeEach(() => {
  stored = new Map();
  onServer = kept(recipe, 1);
  isServerUp = true;
  Object.defineProperty(globalThis, 'localStorage', {
    configurable: true,
    value: {
      getItem: (key: string) => stored.get(key) ?? null,
      setItem: (key: string, text: string) => stored.set(key, text),
      removeItem: (key: string) => stored.delete(key),
    },
  });
  jest.spyOn(globalThis, 'fetch').mockImplementation((_address, init) => {
    if (!isServerUp) return Promise.reject(new TypeError('no answer'));
    const write = JSON.parse(String(init?.body)) as { content: Recipe; revision: number };
    if (write.revision !== (onServer?.revision ?? 0))
      return Promise.resolve(
        Response.json(
          { error: { code: 'stale', message: 'changed elsewhere', current: onServer } },
          { status: 409 },
        ),
      );
    onServer = kept(write.content, write.revision + 1);
    return Promise.resolve(Response.json(onServer));
  });
});
afterEach(() => jest.restoreAllMocks());

/** A store with the recipe open, and ways to edit and look at it. */
function arrange() {
  const store = createStore();
  store.dispatch(openDraft(kept(recipe, 1)));
  return {
    store,
    edit: (part: Partial<Recipe>, of = JSON.stringify(part)) =>
      store.dispatch(draftActions.edited({ ...draft().history.present, ...part }, of)),
    draft,
  };
  function draft() {
    return store.getState().draft.open!;
  }
}

test('an edit is put by in the browser at once, and forgotten there when the server has it', async () => {
  const { store, edit, draft } = arrange();
  edit({ name: 'Storm coat' });
  expect(unsavedDrafts.find('oilskin')?.recipe.name).toBe('Storm coat');
  await store.dispatch(saveNow());
  expect(onServer?.content.name).toBe('Storm coat');
  expect(draft().saveState).toEqual({ is: 'saved' });
  expect(draft().base.revision).toBe(2);
  expect(unsavedDrafts.find('oilskin')).toBeNull();
  store.dispatch(closeDraft());
});

test('undo is saved like any other edit', async () => {
  const { store, edit, draft } = arrange();
  edit({ models: 20 });
  await store.dispatch(saveNow());
  store.dispatch(draftActions.undone());
  await store.dispatch(saveNow());
  expect(onServer?.content.models).toBe(6);
  store.dispatch(draftActions.redone());
  expect(draft().history.present.models).toBe(20);
  store.dispatch(closeDraft());
});

test('what a gone server did not take is there again on the next visit, and is then saved', async () => {
  const first = arrange();
  isServerUp = false;
  first.edit({ name: 'Written while it was gone' });
  await first.store.dispatch(saveNow());
  expect(first.draft().saveState).toMatchObject({ is: 'failed', retryInSeconds: 1 });
  first.store.dispatch(closeDraft());
  isServerUp = true;
  const second = arrange();
  expect(second.draft().history.present.name).toBe('Written while it was gone');
  await second.store.dispatch(saveNow());
  expect(onServer?.content.name).toBe('Written while it was gone');
  second.store.dispatch(closeDraft());
});

test('a stale write keeps both, and what is chosen is saved on top of theirs', async () => {
  const { store, edit, draft } = arrange();
  onServer = kept({ ...recipe, name: 'Theirs', models: 9 }, 4);
  edit({ name: 'Mine' });
  await store.dispatch(saveNow());
  const { saveState } = draft();
  if (saveState.is !== 'stale') throw new Error(`expected a stale write, not ${saveState.is}`);
  expect(draft().history.present.name).toBe('Mine');
  expect(saveState.theirs?.content.name).toBe('Theirs');
  const differences = [
    {
      kind: 'head',
      key: 'head models',
      field: 'models',
      mine: 6,
      theirs: 9,
      changedBy: 'theirs',
    } as const,
  ];
  await store.dispatch(settleDraft(saveState.theirs, differences, { 'head models': 'theirs' }));
  expect(onServer).toMatchObject({ revision: 5, content: { name: 'Mine', models: 9 } });
  expect(draft().saveState).toEqual({ is: 'saved' });
  store.dispatch(closeDraft());
});

test('a stale write left alone is told apart just as well on the next visit', async () => {
  const first = arrange();
  onServer = kept({ ...recipe, models: 9 }, 4);
  first.edit({ name: 'Mine' });
  await first.store.dispatch(saveNow());
  first.store.dispatch(closeDraft());

  const second = createStore();
  second.dispatch(openDraft(onServer));
  await second.dispatch(saveNow());
  const draft = second.getState().draft.open!;
  if (draft.saveState.is !== 'stale' || !draft.saveState.theirs) throw new Error('not stale');
  const theirs = draft.saveState.theirs.content;
  const { base, history } = draft;
  expect(differencesBetween(base.content, history.present, theirs)).toMatchObject([
    { field: 'name', changedBy: 'mine' },
    { field: 'models', changedBy: 'theirs' },
  ]);
  second.dispatch(closeDraft());
});

test('an answer that comes after another recipe was opened does not touch it', () => {
  const { store, draft } = arrange();
  const late = kept({ ...recipe, id: 'other' }, 8);
  store.dispatch(draftActions.saved({ kept: late, isNewest: true }));
  expect(draft().base.revision).toBe(1);
  store.dispatch(closeDraft());
  expect(store.getState().draft.open).toBeNull();
});

test('what is kept in the browser and cannot be read is left alone', () => {
  stored.set('yellow-ledger.unsaved.oilskin', '{"revision":1,"recipe":{"name":');
  expect(unsavedDrafts.find('oilskin')).toBeNull();
  const { store, draft } = arrange();
  expect(draft().history.present).toEqual(recipe);
  store.dispatch(closeDraft());
});
