import { counted } from '@yellow-ledger/core';
import { useState, type ComponentType } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Tabs } from '../../kit/Tabs';
import { PageHead } from '../../kit/PageHead';
import { useNotice } from '../../kit/shell/notices';
import { ShelfTabs } from '../../kit/pots/ShelfTabs';
import { useShelf } from '../../workers/useShelf';
import type { Begun } from './begun';
import { FromNames } from './FromNames';
import { FromOthers } from './FromOthers';
import { FromPigments } from './FromPigments';
import { FromSheet } from './FromSheet';
import { LookThrough } from './LookThrough';
import type { WayProps } from './wayProps';
import { PageWait } from '../../kit/PageWait';
import './fill.scss';

const ways: { path: string; label: string; Way: ComponentType<WayProps> }[] = [
  { path: '', label: 'A sheet and a photograph', Way: FromSheet },
  { path: 'names', label: 'A list of names', Way: FromNames },
  { path: 'pigments', label: 'Plain pigments', Way: FromPigments },
  { path: 'others', label: 'Another shelf', Way: FromOthers },
];

/** Many pots at once: from one picture, from names, from plain pigments, from another shelf. */
export default function FillPage() {
  const { way = '' } = useParams();
  const { pots } = useShelf();
  const [begun, setBegun] = useState<Begun[]>([]);
  const navigate = useNavigate();
  const notify = useNotice();
  const { Way } = ways.find(({ path }) => path === way) ?? ways[0];
  if (!pots) return <PageWait title="Fill the shelf">Fetching the shelf …</PageWait>;
  return (
    <div className="page">
      <PageHead title="Fill the shelf" />
      <ShelfTabs />
      <Tabs label="Ways to fill the shelf" at="/shelf/fill" leaves={ways} />
      <Way shelf={pots} onBegun={setBegun} />
      {begun.length > 0 && (
        <LookThrough
          begun={begun}
          shelf={pots}
          onBegun={setBegun}
          onPut={(count) => {
            setBegun([]);
            notify(`${counted(count, 'pot')} added.`);
            void navigate('/shelf');
          }}
        />
      )}
    </div>
  );
}
