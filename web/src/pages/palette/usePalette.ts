import { WellError, type Palette } from '@yellow-ledger/core';
import { useNotice } from '../../parts/shell/notices';
import { useDeedQueue } from '../../store/deeds/useDeedQueue';
import { usePalettesQuery } from '../../store/ledgerApi';

/** What a palette is before anything was put on it. */
const bare: Palette = { id: 'palette', name: 'My palette', keeping: 'damp', wells: [] };

export type PaletteAct = (label: string, change: (palette: Palette) => Palette) => boolean;

/** The palette on the table, changed deed by deed. */
export function usePalette() {
  const notify = useNotice();
  const { data, isLoading, error, refetch } = usePalettesQuery();
  const queue = useDeedQueue<Palette>(
    'palettes',
    data?.[0]?.content.id ?? bare.id,
    data && (data[0]?.content ?? null),
    async () => (await refetch()).data?.[0]?.content ?? null,
  );

  const act: PaletteAct = (label, change) => {
    try {
      queue.act(label, change(queue.now() ?? bare));
      return true;
    } catch (fault) {
      if (!(fault instanceof WellError)) throw fault;
      notify(`${fault.message}.`);
      return false;
    }
  };

  const { shown, isUnsaved, saveNow } = queue;
  return { palette: shown ?? bare, isLoading, error, refetch, act, isUnsaved, saveNow };
}
