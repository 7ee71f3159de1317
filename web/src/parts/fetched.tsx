import { lazy, useState, type ComponentType } from 'react';
import Button from 'react-bootstrap/Button';
import { Problem } from './Problem';

interface Fetched<Props extends object> {
  default: ComponentType<Props>;
}

/**
 * A part whose code is fetched when it is first shown. Where it cannot be fetched, as when the
 * server is away, that is said in its place, and it is asked for again by whoever presses.
 */
export function fetched<Props extends object>(
  load: () => Promise<Fetched<Props>>,
): ComponentType<Props> {
  const attempt = () => {
    let hasFailed = false;
    const Part = lazy(() =>
      load().catch((): Fetched<Props> => {
        hasFailed = true;
        return { default: () => null };
      }),
    );
    return { Part, hasFailed: () => hasFailed };
  };
  let last = attempt();
  return function FetchedPart(props: Props) {
    const [{ Part, hasFailed }, setTried] = useState(last);
    return (
      <>
        <Part {...props} />
        <PartAway
          hasFailed={hasFailed}
          onAgain={() => {
            last = attempt();
            setTried(last);
          }}
        />
      </>
    );
  };
}

/** Drawn after the part, which has been waited for by then. */
function PartAway({ hasFailed, onAgain }: { hasFailed: () => boolean; onAgain: () => void }) {
  if (!hasFailed()) return null;
  return (
    <Problem>
      What belongs here could not be fetched: the server does not answer. What you wrote is kept.{' '}
      <Button variant="plain" onClick={onAgain}>
        Try again
      </Button>
    </Problem>
  );
}
