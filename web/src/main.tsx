import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { App } from './App';
import { openLedger } from './ledger/store';
import { WriterContext } from './ledger/useWriter';
import './styles/main.scss';

const root = document.getElementById('root');
if (!root) throw new Error('index.html holds no element called root');
const { store, writer } = openLedger();
createRoot(root).render(
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
