import { HowFar } from './HowFar';
import { PageHead } from './PageHead';

/**
 * Said in place of a page, or of a part of it, that is still being fetched or worked out.
 *
 * @param title of the page, whose head stands while it is fetched
 */
export function PageWait({ title, children }: { title?: string; children: string }) {
  if (title !== undefined)
    return (
      <div className="page">
        <PageHead title={title} />
        <Waiting>{children}</Waiting>
      </div>
    );
  return (
    <>
      {/* Counts only while no page has named itself: of several titles the browser takes the first. */}
      <title>Yellow Ledger</title>
      <Waiting>{children}</Waiting>
    </>
  );
}

const Waiting = ({ children }: { children: string }) => (
  <div className="page-wait">
    <p>{children}</p>
    <HowFar />
  </div>
);
