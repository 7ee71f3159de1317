import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { App } from './App';
import { ask } from './ledger/ask';
import { browserRoom } from './ledger/away/browserRoom';
import { keepInBrowser } from './ledger/away/keepInBrowser';
import { keepPages } from './ledger/away/newRelease';
import { serverAway } from './ledger/away/serverAway';
import { hearNews } from './ledger/club/hearNews';
import { memberships } from './ledger/club/membership';
import { everyTag, ledgerApi } from './ledger/ledgerApi';
import { openLedger } from './ledger/store';
import { WriterContext } from './ledger/useWriter';
import { Door } from './pages/door/Door';
import './styles/main.scss';

const root = document.getElementById('root');
if (!root) throw new Error('index.html holds no element called root');
const place = createRoot(root);
const anew = () => window.location.reload();

const { is } = await memberships.begin(anew);
if (is === 'out')
  place.render(
    <StrictMode>
      <Door />
    </StrictMode>,
  );
else openPages();

/** The ledger, of who has it alone or has come into its club. */
function openPages(): void {
  const { store, writer } = openLedger();
  place.render(
    <StrictMode>
      <Provider store={store}>
        <WriterContext value={writer}>
          <App />
        </WriterContext>
      </Provider>
    </StrictMode>,
  );
  // What an earlier visit could not send goes on its way, whichever page is opened.
  void writer.takeOver();
  keepInBrowser(store);
  if (is === 'in' && memberships.member) hearNews(store, memberships.member.id);
  const onceLoaded = () => {
    // Under the development server there are no built pages to keep.
    if (import.meta.env.PROD) void keepPages();
    void browserRoom.look();
  };
  if (document.readyState === 'complete') onceLoaded();
  else window.addEventListener('load', onceLoaded);
  // Any answer of the ledger says that it is back; this is the shortest.
  serverAway.lookBy(() => ask('/api/palettes'));
  // What others have written meanwhile is looked at once the server answers again.
  serverAway.listen(() => {
    if (serverAway.now().since === null)
      store.dispatch(ledgerApi.util.invalidateTags(everyTag) as never);
  });
}
