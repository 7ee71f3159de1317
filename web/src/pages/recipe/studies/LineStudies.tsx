import { techniqueOf, tints } from '@yellow-ledger/core';
import { useState } from 'react';
import { Tab, TabList, TabPanel, Tabs } from 'react-aria-components';
import type { RecipeLineProps } from '../recipeLineProps';
import { CoverageStudyPanel } from './CoverageStudyPanel';
import { FilterStudyPanel } from './FilterStudyPanel';
import { GuidePanel } from './GuidePanel';
import { LineagePanel } from './LineagePanel';
import { ThinningPanel } from './ThinningPanel';
import './studies.scss';

/** What the ledger can tell about one line, a leaf at a time. */
export function LineStudies(props: RecipeLineProps) {
  const { technique } = props.step;
  const { covers } = techniqueOf(technique);
  const studies = [
    { id: 'guide', label: 'Where it goes', Panel: GuidePanel },
    { id: 'thinning', label: 'Thinning', Panel: ThinningPanel },
    { id: 'lineage', label: 'Where the mix comes from', Panel: LineagePanel },
    ...(covers ? [{ id: 'coverage', label: 'Coverage', Panel: CoverageStudyPanel }] : []),
    {
      id: 'filter',
      label: tints({ technique }) ? 'What the filter does' : 'What it does',
      Panel: FilterStudyPanel,
    },
  ];
  const [chosen, setChosen] = useState('guide');
  const shown = studies.some(({ id }) => id === chosen) ? chosen : 'guide';
  return (
    <Tabs
      className="line-studies"
      selectedKey={shown}
      onSelectionChange={(key) => setChosen(String(key))}
    >
      <TabList aria-label={`What is known of line ${props.number}`} className="study-tabs">
        {studies.map(({ id, label }) => (
          <Tab key={id} id={id} className="study-tab">
            {label}
          </Tab>
        ))}
      </TabList>
      {studies.map(({ id, Panel }) => (
        <TabPanel key={id} id={id} className="study-panel">
          <Panel {...props} />
          {props.buildUp?.isEstimate && (
            <p>
              ≈ An estimate: a pot in this line or below it is metallic, or its hiding only guessed.
            </p>
          )}
        </TabPanel>
      ))}
    </Tabs>
  );
}
