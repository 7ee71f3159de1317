/** Told while the server does not answer and something done is only on the page. */
export function UnsavedMark({ isUnsaved, onRetry }: { isUnsaved: boolean; onRetry: () => void }) {
  if (!isUnsaved) return null;
  return (
    <p className="problem" role="alert">
      The server does not answer: what you did last is only on this page. Leave it open.{' '}
      <button type="button" className="plain-button" onClick={onRetry}>
        Try again
      </button>
    </p>
  );
}
