import { asProblem } from '../ledger/ask';

/** What could not be fetched and why, with another try. */
export function FetchProblem({ error, onRetry }: { error: unknown; onRetry: () => void }) {
  return (
    <div className="problem" role="alert">
      <p>
        {asProblem(error).message}{' '}
        <button type="button" className="plain-button" onClick={onRetry}>
          Try again
        </button>
      </p>
    </div>
  );
}
