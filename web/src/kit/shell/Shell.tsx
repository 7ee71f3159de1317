import { Suspense, useEffectEvent, useLayoutEffect, useState } from 'react';
import {
  ArrowClockwise,
  ArrowCounterclockwise,
  Keyboard,
  List,
  Moon,
  Search,
  Sun,
} from 'react-bootstrap-icons';
import Nav from 'react-bootstrap/Nav';
import Navbar from 'react-bootstrap/Navbar';
import { NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import { lazyComponent } from '../lazy/lazyComponent';
import { FiguresButton } from '../figures/FiguresButton';
import { IconButton } from '../IconButton';
import { isTyping, useShortcut } from '../keyboard/useShortcut';
import { useIsConfirmAsked } from '../../data/club/confirming';
import { useMembership } from '../../data/club/membership';
import { AwayMark } from './AwayMark';
import { DamagedRows } from './DamagedRows';
import { GuestMark } from './GuestMark';
import { OutMark } from './OutMark';
import { useKeptScroll } from './useKeptScroll';
import { useUndo } from './useUndo';
import { PageWait } from '../PageWait';
import './shell.scss';

const PassphraseNotice = lazyComponent(() => import('./PassphraseNotice'));
const ConfirmAgain = lazyComponent(() => import('./ConfirmAgain'));
const FindBox = lazyComponent(() => import('../find/FindBox'));
const KeyboardHelp = lazyComponent(() => import('../keyboard/KeyboardHelp'));

const ownPages = [
  { path: '/recipes', name: 'Recipes' },
  { path: '/shelf', name: 'Shelf' },
  { path: '/match', name: 'Match' },
  { path: '/palette', name: 'Palette' },
  { path: '/armies', name: 'Armies' },
  { path: '/bench', name: 'Bench' },
  { path: '/log', name: 'Log' },
];

const mains = ownPages.map(({ path }) => path);

/** The pages there are: a ledger of one painter has no club. */
function usePages() {
  const isOfClub = useMembership().is !== 'alone';
  return isOfClub ? [...ownPages, { path: '/club', name: 'Club' }] : ownPages;
}

export function Shell() {
  const [isHelpOpen, setIsHelpOpen] = useState(false);
  const [isFinding, setIsFinding] = useState(false);
  const undo = useUndo();
  const membership = useMembership();
  const isConfirmAsked = useIsConfirmAsked();
  const hasNotices = membership.is === 'in' && membership.me.notices.length > 0;
  useShortcut('?', () => setIsHelpOpen(true));
  useGlobalKeys(undo, () => setIsFinding(true));
  useKeptScroll(mains);
  return (
    <div className="shell">
      <a className="visually-hidden-focusable skip-link" href="#page">
        To the page
      </a>
      <ShellHead undo={undo} onHelp={() => setIsHelpOpen(true)} onFind={() => setIsFinding(true)} />
      <main id="page" tabIndex={-1}>
        <OutMark />
        <GuestMark />
        <AwayMark />
        {hasNotices && (
          <Suspense>
            <PassphraseNotice />
          </Suspense>
        )}
        <DamagedRows />
        <Suspense fallback={<PageWait>Opening the page …</PageWait>}>
          <Outlet />
        </Suspense>
      </main>
      {isConfirmAsked && (
        <Suspense>
          <ConfirmAgain />
        </Suspense>
      )}
      {isFinding && (
        <Suspense>
          <FindBox onClose={() => setIsFinding(false)} />
        </Suspense>
      )}
      {isHelpOpen && (
        <Suspense>
          <KeyboardHelp onClose={() => setIsHelpOpen(false)} />
        </Suspense>
      )}
    </div>
  );
}

interface ShellHeadProps {
  undo: ReturnType<typeof useUndo>;
  onHelp: () => void;
  onFind: () => void;
}

/** The head of every page; where there is little room the pages are behind one press. */
function ShellHead({ undo, onHelp, onFind }: ShellHeadProps) {
  const [isOpen, setIsOpen] = useState(false);
  const { pathname } = useLocation();
  const pages = usePages();
  const here = pages.find(({ path }) => pathname.startsWith(path));
  return (
    <Navbar as="header" role="banner" expand="lg" expanded={isOpen} onToggle={setIsOpen}>
      <Navbar.Brand as="span">Yellow Ledger</Navbar.Brand>
      <Navbar.Toggle label={`${here?.name ?? 'Pages'}: all pages`} aria-expanded={isOpen}>
        {here?.name ?? 'Pages'} <List aria-hidden />
      </Navbar.Toggle>
      <Navbar.Collapse>
        <Nav as="nav" aria-label="Pages">
          {pages.map(({ path, name }) => (
            <Nav.Link key={path} as={NavLink} to={path} onClick={() => setIsOpen(false)}>
              {name}
            </Nav.Link>
          ))}
        </Nav>
        <div className="shell-tools">
          <FiguresButton />
          <ThemeButton />
          <IconButton
            label="Keyboard help"
            tip="Keyboard help (?)"
            icon={<Keyboard aria-hidden />}
            onClick={onHelp}
          />
        </div>
      </Navbar.Collapse>
      <IconButton
        label="Find anything"
        tip="Find anything (Ctrl+K)"
        icon={<Search aria-hidden />}
        onClick={onFind}
      />
      <IconButton
        label={undo.undoes ? `Undo: ${undo.undoes}` : 'Undo'}
        tip={undo.undoes ? `Undo: ${undo.undoes}` : 'Undo (Ctrl+Z)'}
        icon={<ArrowCounterclockwise aria-hidden />}
        disabled={!undo.canUndo}
        onClick={undo.undo}
      />
      <IconButton
        label={undo.redoes ? `Do again: ${undo.redoes}` : 'Do again'}
        tip={undo.redoes ? `Do again: ${undo.redoes}` : 'Do again (Ctrl+Shift+Z)'}
        icon={<ArrowClockwise aria-hidden />}
        disabled={!undo.canRedo}
        onClick={undo.redo}
      />
    </Navbar>
  );
}

function ThemeButton() {
  const [theme, setTheme] = useState(document.documentElement.dataset.bsTheme ?? 'light');
  const other = theme === 'light' ? 'dark' : 'light';
  return (
    <IconButton
      label={`Change to ${other}`}
      icon={theme === 'light' ? <Moon aria-hidden /> : <Sun aria-hidden />}
      onClick={() => {
        document.documentElement.dataset.bsTheme = other;
        localStorage.setItem('yellow-ledger.theme', other);
        setTheme(other);
      }}
    />
  );
}

function useGlobalKeys(
  { undo, redo }: { undo: () => void; redo: () => void },
  onFind: () => void,
): void {
  const navigate = useNavigate();
  const pages = usePages();
  const onKeyDown = useEffectEvent((event: KeyboardEvent) => {
    const key = event.key.toLowerCase();
    const page = pages.at(Number(key) - 1);
    if (event.altKey && !event.ctrlKey && /^[1-9]$/.test(key) && page) {
      event.preventDefault();
      void navigate(page.path);
    }
    if ((event.ctrlKey || event.metaKey) && key === 'k' && !event.shiftKey && !event.altKey) {
      event.preventDefault();
      onFind();
    }
    // In a text field the keys undo the typing, as everywhere.
    if (!(event.ctrlKey || event.metaKey) || isTyping(event.target)) return;
    if (key === 'z' || key === 'y') {
      event.preventDefault();
      if (key === 'y' || event.shiftKey) redo();
      else undo();
    }
  });
  // Before the screen is shown: a key pressed at once is not lost.
  useLayoutEffect(() => {
    const listener = (event: KeyboardEvent) => onKeyDown(event);
    window.addEventListener('keydown', listener);
    return () => window.removeEventListener('keydown', listener);
  }, []);
}
