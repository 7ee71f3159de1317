import { techniqueOf, tints } from '@yellow-ledger/core';
import { useState, type KeyboardEvent } from 'react';
import Nav from 'react-bootstrap/Nav';
import Tab from 'react-bootstrap/Tab';
import type { RecipeLineProps } from '../line/recipeLineProps';
import { CoverageStudyPanel } from './CoverageStudyPanel';
import { FilterStudyPanel } from './FilterStudyPanel';
import { GuidePanel } from './GuidePanel';
import { LineagePanel } from './LineagePanel';
import { PassesPanel } from './PassesPanel';
import { PhotographsPanel } from './PhotographsPanel';
import { ThinningPanel } from './ThinningPanel';
import './studies.scss';

/** Studies of one line, a tab at a time. */
export function LineStudies(props: RecipeLineProps) {
  const { technique } = props.step;
  const { covers, lifts } = techniqueOf(technique);
  const isThin = props.meaning === 'tint' || props.meaning === 'buildUp';
  const studies = [
    { id: 'guide', label: 'Where it goes', Panel: GuidePanel },
    { id: 'thinning', label: 'Thinning', Panel: ThinningPanel },
    { id: 'lineage', label: 'Where the mix comes from', Panel: LineagePanel },
    ...(isThin ? [{ id: 'passes', label: 'Pass by pass', Panel: PassesPanel }] : []),
    ...(covers ? [{ id: 'coverage', label: 'Coverage', Panel: CoverageStudyPanel }] : []),
    {
      id: 'filter',
      label: tints({ technique }) ? 'What the filter does' : 'What it does',
      Panel: FilterStudyPanel,
    },
    { id: 'photographs', label: 'Photographs', Panel: PhotographsPanel },
  ];
  // Of a brush that holds no paint there is nothing to tell but where it goes and how it came out.
  const told =
    lifts === undefined
      ? studies
      : studies.filter(({ id }) => id === 'guide' || id === 'photographs');
  const [chosen, setChosen] = useState('guide');
  const shown = told.some(({ id }) => id === chosen) ? chosen : 'guide';
  // The arrows are the kit's; it knows no way to the first and the last.
  const toEnds = (event: KeyboardEvent) => {
    if (event.key !== 'Home' && event.key !== 'End') return;
    const at = event.key === 'Home' ? 0 : told.length - 1;
    event.preventDefault();
    setChosen(told[at].id);
    event.currentTarget.querySelectorAll<HTMLElement>('[role="tab"]')[at].focus();
  };
  return (
    <Tab.Container
      activeKey={shown}
      onSelect={(key) => setChosen(key ?? 'guide')}
      mountOnEnter
      transition={false}
    >
      <div className="line-studies">
        <Nav
          variant="underline"
          aria-label={`What is known of line ${props.number}`}
          onKeyDown={toEnds}
        >
          {told.map(({ id, label }) => (
            <Nav.Link key={id} eventKey={id} as="button" type="button">
              {label}
            </Nav.Link>
          ))}
        </Nav>
        <Tab.Content>
          {told.map(({ id, Panel }) => (
            <Tab.Pane key={id} eventKey={id} tabIndex={0} unmountOnExit>
              <Panel {...props} />
            </Tab.Pane>
          ))}
        </Tab.Content>
      </div>
    </Tab.Container>
  );
}
