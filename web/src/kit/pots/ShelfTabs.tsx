import { Tabs } from '../Tabs';

const leaves = [
  { path: '', label: 'Pots' },
  { path: 'buy', label: 'To buy' },
  { path: 'paintable', label: 'What I can paint now' },
  { path: 'fill', label: 'Many pots at once' },
  { path: 'glazes', label: 'Glaze card' },
  { path: 'labels', label: 'Labels' },
  { path: 'files', label: 'Import, export, backup' },
];

/** The pages about what stands on the shelves. */
export const ShelfTabs = () => <Tabs label="About the shelf" at="/shelf" leaves={leaves} />;
