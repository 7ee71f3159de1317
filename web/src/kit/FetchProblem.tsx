import Button from 'react-bootstrap/Button';
import { asProblem } from '../data/ask';
import { Problem } from './Problem';

/** The failed request and its reason, with another try. */
export function FetchProblem({ error, onRetry }: { error: unknown; onRetry: () => void }) {
  return (
    <Problem>
      <p>
        {asProblem(error).message}{' '}
        <Button variant="plain" onClick={onRetry}>
          Try again
        </Button>
      </p>
    </Problem>
  );
}
