import { may } from '@yellow-ledger/core';
import { useMembership } from '../../data/club/membership';
import { Grid } from '../../kit/Grid';
import { PageHead } from '../../kit/PageHead';
import { ShelfTabs } from '../../kit/pots/ShelfTabs';
import { useShelf } from '../../workers/useShelf';
import { Backups } from './Backups';
import { TakeIn } from './TakeIn';
import { TakeOut } from './TakeOut';
import { PageWait } from '../../kit/PageWait';
import './files.scss';

/** Pots and whole ledgers, in and out of files anybody can read. */
export default function FilesPage() {
  const { kept, pots } = useShelf();
  const membership = useMembership();
  const mayBackUp =
    membership.is !== 'in' || may(membership.me.member.role, 'club', 'look', 'backups');
  if (!pots) return <PageWait title="Import, export, backup">Looking over the shelf …</PageWait>;
  return (
    <div className="page">
      <PageHead title="Import, export, backup" />
      <ShelfTabs />
      <Grid columns="minmax(0, 8fr) minmax(0, 5fr)">
        <div className="stacked">
          <TakeIn kept={kept} />
          {mayBackUp && <Backups />}
        </div>
        <TakeOut />
      </Grid>
    </div>
  );
}
