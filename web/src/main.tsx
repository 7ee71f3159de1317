import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { App, askedPage } from './App';
import { ask } from './data/ask';
import { storageQuota } from './data/offline/storageQuota';
import { keepInBrowser } from './data/offline/keepInBrowser';
import { keepPages } from './data/offline/newRelease';
import { connectionStatus } from './data/offline/connectionStatus';
import { subscribeToEvents } from './data/club/subscribeToEvents';
import { memberships } from './data/club/membership';
import { holdCollection, selectCollection } from './data/ledgerData';
import { everyTag, ledgerApi } from './data/ledgerApi';
import { openLedger, type Store } from './data/store';
import { forgetUndo, keepUndo } from './data/undo/keepUndo';
import { WriterContext } from './data/useWriter';
import { Door } from './features/door/Door';
import { ribbonCache } from './workers/ribbonCache';
import './styles/main.scss';

const root = document.getElementById('root');
if (!root) throw new Error('index.html holds no element called root');
const place = createRoot(root);
const reload = () => window.location.reload();

/** Longest wait for the records that nearly every page needs, before the first rendering, ms. */
const mostWaitMs = 150;
/** And for the code of the page: React shows a fallback for 300 ms at least. */
const mostCodeWaitMs = 500;

/** Reads what was asked for early, so that the first drawing of a page has something in it. */
async function firstData(store: Store): Promise<void> {
  const parts = ['pots', 'versions'] as const;
  const { newestRecipes } = ledgerApi.endpoints;
  const isList = /^\/(recipes\/?)?$/.test(window.location.pathname);
  const hasRecipes = () =>
    selectCollection(store.getState(), 'recipes') !== undefined ||
    (isList && newestRecipes.select()(store.getState() as never).data !== undefined);
  const isThere = () =>
    ribbonCache.now() !== null &&
    hasRecipes() &&
    parts.every((part) => selectCollection(store.getState(), part) !== undefined);
  for (const part of parts) holdCollection(store.dispatch, part);
  if (isList) void store.dispatch(newestRecipes.initiate());
  else holdCollection(store.dispatch, 'recipes');
  await new Promise<void>((done) => {
    const timer = setTimeout(done, mostWaitMs);
    const look = () => {
      if (!isThere()) return;
      clearTimeout(timer);
      ends.forEach((end) => end());
      done();
    };
    const ends = [store.subscribe(look), ribbonCache.listen(look)];
  });
}

const within = (ms: number, done: Promise<unknown>) =>
  Promise.race([done, new Promise((over) => setTimeout(over, ms))]);

/** The ledger, of who has it alone or has come into its club. */
async function openPages(is: 'alone' | 'in'): Promise<void> {
  const { store, writer } = openLedger();
  keepUndo(store);
  await Promise.all([firstData(store), within(mostCodeWaitMs, askedPage)]);
  place.render(
    <StrictMode>
      <Provider store={store}>
        <WriterContext value={writer}>
          <App />
        </WriterContext>
      </Provider>
    </StrictMode>,
  );
  // Writes an earlier visit could not send are sent, on every page.
  void writer.takeOver();
  keepInBrowser(store);
  if (is === 'in' && memberships.member) subscribeToEvents(store, memberships.member.id);
  // Fetching all pages for the time without the server would hold up the one that is being opened.
  const onceLoaded = () => setTimeout(beside, 3000);
  const beside = () => {
    // Under the development server there are no built pages to keep.
    if (import.meta.env.PROD) void keepPages();
    void storageQuota.look();
  };
  memberships.listen(() => void ribbonCache.clear());
  if (document.readyState === 'complete') onceLoaded();
  else window.addEventListener('load', onceLoaded);
  // Any answer of the ledger says that it is back; this is the shortest.
  connectionStatus.lookBy(() => ask('/api/palettes'));
  // Changes of others are fetched once the server answers again.
  connectionStatus.listen(() => {
    if (connectionStatus.now().since === null)
      store.dispatch(ledgerApi.util.invalidateTags(everyTag) as never);
  });
}

// In a function of its own: the code of pages is not held up by what this module waits for.
void (async () => {
  const { is } = await memberships.begin(reload);
  if (is !== 'out') return openPages(is);
  forgetUndo();
  place.render(
    <StrictMode>
      <Door />
    </StrictMode>,
  );
})();
