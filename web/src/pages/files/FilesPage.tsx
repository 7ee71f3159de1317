import { Laid } from '../../parts/Laid';
import { PageHead } from '../../parts/PageHead';
import { ShelfTabs } from '../../parts/ShelfTabs';
import { useShelf } from '../../workers/useShelf';
import { Backups } from './Backups';
import { TakeIn } from './TakeIn';
import { TakeOut } from './TakeOut';
import './files.scss';

/** Pots and whole ledgers, in and out of files anybody can read. */
export default function FilesPage() {
  const { kept, pots } = useShelf();
  if (!pots) return <p className="page-wait">Looking over the shelf …</p>;
  return (
    <div className="page">
      <PageHead title="In and out" />
      <ShelfTabs />
      <Laid columns="minmax(0, 8fr) minmax(0, 5fr)">
        <div className="stacked">
          <TakeIn kept={kept} />
          <Backups />
        </div>
        <TakeOut />
      </Laid>
    </div>
  );
}
