import Nav from 'react-bootstrap/Nav';
import { useEffect } from 'react';
import { NavLink, useLocation } from 'react-router';
import { lastLeaf } from './hooks/lastLeaf';

export interface TabsProps {
  /** what they are leaves of, for who does not see them */
  label: string;
  /** address of the first leaf; the others lie below it */
  at: string;
  /** the first has the path '' */
  leaves: readonly { path: string; label: string }[];
}

/** The leaves of a page, the one that is open marked. */
export function Tabs({ label, at, leaves }: TabsProps) {
  const { pathname } = useLocation();
  useEffect(() => {
    // On the way to another page its address is there first.
    if (pathname.startsWith(at)) lastLeaf.keep(at, pathname.slice(at.length + 1));
  }, [at, pathname]);
  return (
    <Nav as="nav" variant="underline" aria-label={label}>
      {leaves.map(({ path, label: name }) => (
        <Nav.Link key={path} as={NavLink} end to={path ? `${at}/${path}` : at}>
          {name}
        </Nav.Link>
      ))}
    </Nav>
  );
}
