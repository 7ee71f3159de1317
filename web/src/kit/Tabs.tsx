import Nav from 'react-bootstrap/Nav';
import { useEffect, useRef } from 'react';
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
  const row = useRef<HTMLElement>(null);
  useEffect(() => {
    // On the way to another page its address is there first.
    if (pathname.startsWith(at)) lastLeaf.keep(at, pathname.slice(at.length + 1));
  }, [at, pathname]);
  useEffect(() => {
    // On a phone the row scrolls sideways: the open tab is always in sight.
    const open = row.current?.querySelector<HTMLElement>('.active');
    if (row.current && open)
      row.current.scrollLeft = open.offsetLeft - (row.current.clientWidth - open.clientWidth) / 2;
  }, [pathname]);
  return (
    <Nav as="nav" ref={row} variant="underline" aria-label={label}>
      {leaves.map(({ path, label: name }) => (
        <Nav.Link key={path} as={NavLink} end to={path ? `${at}/${path}` : at}>
          {name}
        </Nav.Link>
      ))}
    </Nav>
  );
}
