import { NavLink } from 'react-router';
import './shelfTabs.scss';

/** The pages about what stands on the shelves. */
export function ShelfTabs() {
  return (
    <nav className="shelf-tabs" aria-label="About the shelf">
      <NavLink to="/shelf" end>
        Pots
      </NavLink>
      <NavLink to="/shelf/buy">To buy</NavLink>
      <NavLink to="/shelf/paintable">What can be painted</NavLink>
      <NavLink to="/shelf/files">In and out</NavLink>
    </nav>
  );
}
