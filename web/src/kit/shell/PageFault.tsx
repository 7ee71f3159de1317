import { Link, useRouteError } from 'react-router';

/** Shown when an address leads nowhere or a page breaks: what happened, and the way on. */
export function PageFault() {
  const fault = useRouteError();
  if (fault) console.error(fault);
  return (
    <div className="page-fault">
      <h1>{fault ? 'This page broke' : 'There is no such page'}</h1>
      <p>
        {fault
          ? 'What you wrote is kept in this browser. Load the page again, or go on elsewhere.'
          : 'The address may be mistyped, or the page was moved.'}
      </p>
      <p>
        <Link to="/recipes">To the recipes</Link> · <Link to="/shelf">To the shelf</Link>
      </p>
    </div>
  );
}
