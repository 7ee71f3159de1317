import { useState } from 'react';
import {
  ArrowClockwise,
  ArrowCounterclockwise,
  Bell,
  Keyboard,
  List,
  Moon,
  Search,
  Sun,
} from 'react-bootstrap-icons';
import Nav from 'react-bootstrap/Nav';
import Navbar from 'react-bootstrap/Navbar';
import { NavLink, useLocation } from 'react-router';
import { FiguresButton } from '../figures/FiguresButton';
import { IconButton } from '../IconButton';
import { themeSetting, useTheme } from './theme';
import type { Undo } from './undo';
import { usePages } from './usePages';

export interface ShellHeadProps {
  undo: Undo;
  onHelp: () => void;
  onFind: () => void;
  onNotices: () => void;
}

/** The head of every page; where there is little room the pages are behind one press. */
export function ShellHead({ undo, onHelp, onFind, onNotices }: ShellHeadProps) {
  const [isOpen, setIsOpen] = useState(false);
  const { pathname } = useLocation();
  const pages = usePages();
  const here = pages.find(({ path }) => pathname.startsWith(path));
  return (
    <Navbar as="header" role="banner" expand="lg" expanded={isOpen} onToggle={setIsOpen}>
      <Navbar.Brand as="span">Yellow Ledger</Navbar.Brand>
      <Navbar.Toggle label={`${here?.name ?? 'Pages'}: all pages`} aria-expanded={isOpen}>
        {here?.name ?? 'Pages'} <List aria-hidden />
      </Navbar.Toggle>
      <Navbar.Collapse>
        <Nav as="nav" aria-label="Pages">
          {pages.map(({ path, name }) => (
            <Nav.Link key={path} as={NavLink} to={path} onClick={() => setIsOpen(false)}>
              {name}
            </Nav.Link>
          ))}
        </Nav>
        <div className="shell-tools">
          <FiguresButton />
          <ThemeButton />
          <IconButton
            label="Earlier notices"
            tip="Earlier notices"
            icon={<Bell aria-hidden />}
            onClick={onNotices}
          />
          <IconButton
            label="Keyboard help"
            tip="Keyboard help (?)"
            icon={<Keyboard aria-hidden />}
            onClick={onHelp}
          />
        </div>
      </Navbar.Collapse>
      <IconButton
        label="Find anything"
        tip="Find anything (Ctrl+K)"
        icon={<Search aria-hidden />}
        onClick={onFind}
      />
      <IconButton
        label={undo.undoes ? `Undo: ${undo.undoes}` : 'Undo'}
        tip={undo.undoes ? `Undo: ${undo.undoes}` : 'Undo (Ctrl+Z)'}
        icon={<ArrowCounterclockwise aria-hidden />}
        disabled={!undo.canUndo}
        onClick={undo.undo}
      />
      <IconButton
        label={undo.redoes ? `Redo: ${undo.redoes}` : 'Redo'}
        tip={undo.redoes ? `Redo: ${undo.redoes}` : 'Redo (Ctrl+Shift+Z)'}
        icon={<ArrowClockwise aria-hidden />}
        disabled={!undo.canRedo}
        onClick={undo.redo}
      />
    </Navbar>
  );
}

function ThemeButton() {
  const theme = useTheme();
  return (
    <IconButton
      label={`Change to ${theme === 'light' ? 'dark' : 'light'}`}
      icon={theme === 'light' ? <Moon aria-hidden /> : <Sun aria-hidden />}
      onClick={themeSetting.change}
    />
  );
}
