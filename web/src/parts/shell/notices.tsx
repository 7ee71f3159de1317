import CloseButton from 'react-bootstrap/CloseButton';
import { createContext, useCallback, useContext, useEffect, useState, type ReactNode } from 'react';
import { useWriter } from '../../ledger/useWriter';
import './notices.scss';

const Notify = createContext<(text: string) => void>(() => undefined);

/** Says a sentence at the foot of the page, and to screen readers. */
export function useNotice(): (text: string) => void {
  return useContext(Notify);
}

export function Notices({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState('');
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
