import { Suspense, useEffectEvent, useLayoutEffect, useState } from 'react';
import { Outlet, useNavigate } from 'react-router';
import { useFigures } from '../figures/figuresSetting';
import { lazyComponent } from '../lazy/lazyComponent';
import { isTyping, useShortcut } from '../keyboard/useShortcut';
import { useIsConfirmAsked } from '../../data/club/confirming';
import { useMembership } from '../../data/club/membership';
import { AwayMark } from './AwayMark';
import { DamagedRows } from './DamagedRows';
import { GuestMark } from './GuestMark';
import { OutMark } from './OutMark';
import { commandsFor } from './commands';
import { ShellHead } from './ShellHead';
import { useKeptScroll } from './useKeptScroll';
import { ownPages, usePages } from './usePages';
import { useUndo } from './useUndo';
import { PageWait } from '../PageWait';
import './shell.scss';

const PassphraseNotice = lazyComponent(() => import('./PassphraseNotice'));
const ConfirmAgain = lazyComponent(() => import('./ConfirmAgain'));
const FindBox = lazyComponent(() => import('../find/FindBox'));
const EarlierNotices = lazyComponent(() => import('./EarlierNotices'));
const KeyboardHelp = lazyComponent(() => import('../keyboard/KeyboardHelp'));

const mains = ownPages.map(({ path }) => path);

export function Shell() {
  const [isHelpOpen, setIsHelpOpen] = useState(false);
  const [isFinding, setIsFinding] = useState(false);
  const [areNoticesOpen, setAreNoticesOpen] = useState(false);
  const areNumbersShown = useFigures();
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
      <ShellHead
        undo={undo}
        onHelp={() => setIsHelpOpen(true)}
        onFind={() => setIsFinding(true)}
        onNotices={() => setAreNoticesOpen(true)}
      />
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
          <FindBox
            commands={commandsFor({
              undo,
              areNumbersShown,
              onHelp: () => setIsHelpOpen(true),
              onNotices: () => setAreNoticesOpen(true),
            })}
            onClose={() => setIsFinding(false)}
          />
        </Suspense>
      )}
      {areNoticesOpen && (
        <Suspense>
          <EarlierNotices onClose={() => setAreNoticesOpen(false)} />
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
