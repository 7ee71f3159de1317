import { lazy, Suspense, useEffect, useEffectEvent, useState } from 'react';
import {
  BsArrowClockwise,
  BsArrowCounterclockwise,
  BsKeyboard,
  BsMoon,
  BsSun,
} from 'react-icons/bs';
import { NavLink, Outlet, useNavigate } from 'react-router';
import { isTyping, useShortcut } from '../keyboard/useShortcut';
import { useUndo } from './useUndo';
import './shell.scss';

const KeyboardHelp = lazy(() => import('../keyboard/KeyboardHelp'));

export function Shell() {
  const [isHelpOpen, setIsHelpOpen] = useState(false);
  const undo = useUndo();
  useShortcut('?', () => setIsHelpOpen(true));
  useGlobalKeys(undo);
  return (
    <div className="shell">
      <a className="visually-hidden-focusable skip-link" href="#page">
        To the page
      </a>
      <header className="shell-head">
        <span className="shell-name">Yellow Ledger</span>
        <nav aria-label="Pages">
          <NavLink to="/recipes">Recipes</NavLink>
          <NavLink to="/shelf">Shelf</NavLink>
          <NavLink to="/match">Match</NavLink>
          <NavLink to="/palette">Palette</NavLink>
          <NavLink to="/armies">Armies</NavLink>
          <NavLink to="/bench">Bench</NavLink>
          <NavLink to="/log">Log</NavLink>
        </nav>
        <div className="shell-tools">
          <button
            type="button"
            className="icon-button"
            disabled={!undo.canUndo}
            onClick={undo.undo}
            aria-label={undo.undoes ? `Undo: ${undo.undoes}` : 'Undo'}
            title={undo.undoes ? `Undo: ${undo.undoes}` : 'Undo (Ctrl+Z)'}
          >
            <BsArrowCounterclockwise aria-hidden />
          </button>
          <button
            type="button"
            className="icon-button"
            disabled={!undo.canRedo}
            onClick={undo.redo}
            aria-label={undo.redoes ? `Do again: ${undo.redoes}` : 'Do again'}
            title={undo.redoes ? `Do again: ${undo.redoes}` : 'Do again (Ctrl+Shift+Z)'}
          >
            <BsArrowClockwise aria-hidden />
          </button>
          <ThemeButton />
          <button
            type="button"
            className="icon-button"
            onClick={() => setIsHelpOpen(true)}
            aria-label="Keyboard help"
            title="Keyboard help (?)"
          >
            <BsKeyboard aria-hidden />
          </button>
        </div>
      </header>
      <main id="page" tabIndex={-1}>
        <Suspense fallback={<p className="page-wait">Opening the page …</p>}>
          <Outlet />
        </Suspense>
      </main>
      {isHelpOpen && (
        <Suspense>
          <KeyboardHelp onClose={() => setIsHelpOpen(false)} />
        </Suspense>
      )}
    </div>
  );
}

function ThemeButton() {
  const [theme, setTheme] = useState(document.documentElement.dataset.bsTheme ?? 'light');
  const other = theme === 'light' ? 'dark' : 'light';
  return (
    <button
      type="button"
      className="icon-button"
      aria-label={`Change to ${other}`}
      title={`Change to ${other}`}
      onClick={() => {
        document.documentElement.dataset.bsTheme = other;
        localStorage.setItem('yellow-ledger.theme', other);
        setTheme(other);
      }}
    >
      {theme === 'light' ? <BsMoon aria-hidden /> : <BsSun aria-hidden />}
    </button>
  );
}

const pagesByKey: Partial<Record<string, string>> = {
  '1': '/recipes',
  '2': '/shelf',
  '3': '/match',
  '4': '/palette',
  '5': '/armies',
  '6': '/bench',
  '7': '/log',
};

function useGlobalKeys({ undo, redo }: { undo: () => void; redo: () => void }): void {
  const navigate = useNavigate();
  const onKeyDown = useEffectEvent((event: KeyboardEvent) => {
    const key = event.key.toLowerCase();
    const page = pagesByKey[key];
    if (event.altKey && !event.ctrlKey && page) {
      event.preventDefault();
      void navigate(page);
    }
    // In a text field the keys undo the typing, as everywhere.
    if (!(event.ctrlKey || event.metaKey) || isTyping(event.target)) return;
    if (key === 'z' || key === 'y') {
      event.preventDefault();
      if (key === 'y' || event.shiftKey) redo();
      else undo();
    }
  });
  useEffect(() => {
    const listener = (event: KeyboardEvent) => onKeyDown(event);
    window.addEventListener('keydown', listener);
    return () => window.removeEventListener('keydown', listener);
  }, []);
}
