import { lazy, useEffect, useState, type ComponentType } from 'react';
import Button from 'react-bootstrap/Button';
import { lookForNewRelease, useNewRelease, type ServerPages } from '../../data/offline/newRelease';
import { Problem } from '../Problem';

interface Fetched<Props extends object> {
  default: ComponentType<Props>;
}

export type LazyComponent<Props extends object> = ComponentType<Props> & {
  /** Fetches the code before it is shown. What goes wrong is said once it is. @returns once it is over */
  begin: () => Promise<void>;
};

/** Fetches the code of a part early, where it is one that is fetched. @returns once it is over */
export async function preload(part: unknown): Promise<void> {
  if (typeof part === 'function' && 'begin' in part) await (part as LazyComponent<object>).begin();
}

/**
 * A part whose code is fetched when it is first shown. Where it cannot be fetched, as when the
 * server is away, that is said in its place, and it is asked for again by whoever presses.
 */
export function lazyComponent<Props extends object>(
  load: () => Promise<Fetched<Props>>,
): LazyComponent<Props> {
  /** Once the code is there it is drawn at once: React shows a fallback for 300 ms at least. */
  const fetch = async () => {
    const part = await load();
    last = { Part: part.default, hasFailed: () => false };
    return part;
  };
  const attempt = (): Attempt<Props> => {
    let hasFailed = false;
    const Part = lazy(() =>
      fetch().catch((): Fetched<Props> => {
        hasFailed = true;
        return { default: () => null };
      }),
    );
    return { Part, hasFailed: () => hasFailed };
  };
  let last = attempt();
  function FetchedPart(props: Props) {
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
  }
  const begin = () =>
    fetch().then(
      () => undefined,
      () => undefined,
    );
  return Object.assign(FetchedPart, { begin });
}

/** One try at fetching a part. */
interface Attempt<Props extends object> {
  Part: ComponentType<Props>;
  hasFailed: () => boolean;
}

/** Drawn after the part, which has been waited for by then. */
function PartAway({ hasFailed, onAgain }: { hasFailed: () => boolean; onAgain: () => void }) {
  return hasFailed() ? <WhyAway onAgain={onAgain} /> : null;
}

const why: Record<ServerPages, string> = {
  newer: 'This page is older than the server, which was updated. What you wrote is kept.',
  away: 'This part could not be loaded: the server does not answer. What you wrote is kept.',
  same: 'This part could not be loaded. What you wrote is kept.',
};

function WhyAway({ onAgain }: { onAgain: () => void }) {
  const [pages, setPages] = useState<ServerPages | null>(null);
  const loadNewer = useNewRelease();
  useEffect(() => {
    let isShown = true;
    lookForNewRelease().then(
      (found) => isShown && setPages(found),
      () => isShown && setPages('away'),
    );
    return () => {
      isShown = false;
    };
  }, []);
  if (pages === null) return null;
  return (
    <Problem>
      {why[pages]}{' '}
      {pages === 'newer' && loadNewer ? (
        <Button variant="plain" onClick={loadNewer}>
          Load the newer page
        </Button>
      ) : (
        <Button variant="plain" onClick={onAgain}>
          Try again
        </Button>
      )}
    </Problem>
  );
}
