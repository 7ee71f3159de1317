import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { App } from './App';
import { createStore } from './store/store';
import './styles/main.scss';

const root = document.getElementById('root');
if (!root) throw new Error('index.html holds no element called root');
createRoot(root).render(
  <StrictMode>
    <Provider store={createStore()}>
      <App />
    </Provider>
  </StrictMode>,
);
