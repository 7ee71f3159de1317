import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { App } from './App';
import { isAnythingUnsent } from './store/log/unsent';
import { createStore } from './store/store';
import './styles/main.scss';

const root = document.getElementById('root');
if (!root) throw new Error('index.html holds no element called root');
const store = createStore();
createRoot(root).render(
  <StrictMode>
    <Provider store={store}>
      <App />
    </Provider>
  </StrictMode>,
);

/** Long enough for the first page to stand, ms. */
const afterStartMs = 3000;
// What an earlier visit to the bench could not send goes on its way, whichever page is opened. While
// the server is away it stays where it is, for the next visit.
if (isAnythingUnsent())
  setTimeout(() => {
    import('./store/log/sendLog').then(
      ({ sendUnsent }) => store.dispatch(sendUnsent()),
      () => undefined,
    );
  }, afterStartMs);
