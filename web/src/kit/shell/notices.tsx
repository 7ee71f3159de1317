import CloseButton from 'react-bootstrap/CloseButton';
import { createContext, useCallback, useContext, useEffect, useState, type ReactNode } from 'react';
import { useWriter } from '../../data/useWriter';
import './notices.scss';

const Notify = createContext<(text: string) => void>(() => undefined);

/** Says a sentence at the foot of the page, and to screen readers. */
export function useNotice(): (text: string) => void {
  return useContext(Notify);
}

const saidKey = 'yellow-ledger.said';

/** Says a sentence once the page has been loaded anew. */
export const sayOnNextPage = (text: string): void => sessionStorage.setItem(saidKey, text);

function takeSaid(): string {
  const said = sessionStorage.getItem(saidKey) ?? '';
  sessionStorage.removeItem(saidKey);
  return said;
}

export function Notices({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState(takeSaid);
  const notify = useCallback((text: string) => setNotice(text), []);
  const writer = useWriter();
  useEffect(() => writer.onNotice(setNotice), [writer]);
  return (
    <Notify.Provider value={notify}>
      {children}
      <div className="notice" role="status" aria-live="polite">
        {notice && (
          <>
            <p dir="auto">{notice}</p>
            <CloseButton aria-label="Dismiss" onClick={() => setNotice('')} />
          </>
        )}
      </div>
    </Notify.Provider>
  );
}
