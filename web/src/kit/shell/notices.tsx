import CloseButton from 'react-bootstrap/CloseButton';
import { createContext, useCallback, useContext, useEffect, useState, type ReactNode } from 'react';
import { useWriter } from '../../data/useWriter';
import './notices.scss';

export interface NoticeOptions {
  /** it tells of a problem, and stays until it is dismissed */
  isProblem?: boolean;
}

export interface Notice extends NoticeOptions {
  text: string;
  /** milliseconds since 1970 */
  at: number;
}

type Notify = (text: string, options?: NoticeOptions) => void;

const NotifyContext = createContext<Notify>(() => undefined);
const EarlierContext = createContext<readonly Notice[]>([]);

/** Says a sentence at the foot of the page, and to screen readers. */
export const useNotice = (): Notify => useContext(NotifyContext);

/** The notices since the page was loaded, the newest first. */
export const useEarlierNotices = (): readonly Notice[] => useContext(EarlierContext);

const saidKey = 'yellow-ledger.said';
const mostKept = 50;
/** A notice is shown so long, and longer by what there is to read, ms. */
const shownMs = 5000;
const readMsPerCharacter = 60;

/** Says a sentence once the page has been loaded again. */
export const sayOnNextPage = (text: string): void => sessionStorage.setItem(saidKey, text);

function takeSaid(): Notice[] {
  const text = sessionStorage.getItem(saidKey);
  sessionStorage.removeItem(saidKey);
  return text ? [{ text, at: Date.now() }] : [];
}

export function Notices({ children }: { children: ReactNode }) {
  const [all, setAll] = useState(takeSaid);
  const [shown, setShown] = useState<Notice | null>(all.at(0) ?? null);
  const notify = useCallback<Notify>((text, options) => {
    const notice = { text, at: Date.now(), ...options };
    setAll((before) => [notice, ...before].slice(0, mostKept));
    setShown(notice);
  }, []);
  const writer = useWriter();
  useEffect(() => writer.onNotice((text) => notify(text, { isProblem: true })), [writer, notify]);
  const dismiss = useCallback(() => setShown(null), []);
  return (
    <NotifyContext.Provider value={notify}>
      <EarlierContext.Provider value={all}>
        {children}
        <div className="notice" role="status" aria-live="polite">
          {shown && <ShownNotice key={shown.at} notice={shown} onGone={dismiss} />}
        </div>
      </EarlierContext.Provider>
    </NotifyContext.Provider>
  );
}

/** Goes by itself, but not while it is pointed at or holds the focus; a problem stays. */
function ShownNotice({ notice, onGone }: { notice: Notice; onGone: () => void }) {
  const [isHeld, setIsHeld] = useState(false);
  const { text, isProblem } = notice;
  useEffect(() => {
    if (isHeld || isProblem) return;
    const timer = setTimeout(onGone, shownMs + readMsPerCharacter * text.length);
    return () => clearTimeout(timer);
  }, [isHeld, isProblem, text, onGone]);
  return (
    <div
      className="notice-words"
      onPointerEnter={() => setIsHeld(true)}
      onPointerLeave={() => setIsHeld(false)}
      onFocus={() => setIsHeld(true)}
      onBlur={() => setIsHeld(false)}
    >
      <p dir="auto">{text}</p>
      <CloseButton aria-label="Dismiss" onClick={onGone} />
    </div>
  );
}
