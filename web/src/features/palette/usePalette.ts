import { WellError, type Palette } from '@yellow-ledger/core';
import { useRecords } from '../../data/useCollections';
import { useWriter } from '../../data/useWriter';
import { useNotice } from '../../kit/shell/notices';

/** A palette before anything was put on it. */
const bare: Palette = { id: 'palette', name: 'My palette', keeping: 'damp', wells: [] };

export type PaletteAct = (label: string, change: (palette: Palette) => Palette) => boolean;

/** The palette on the table, changed deed by deed. */
export function usePalette() {
  const notify = useNotice();
  const writer = useWriter();
  const { kept, isLoading, error, refetch } = useRecords('palettes');
  const palette = kept?.at(0)?.content ?? bare;
  const act: PaletteAct = (label, change) => {
    const before = writer.shown('palettes', palette.id) as Palette | null;
    try {
      const after = change(before ?? bare);
      writer.do(label, { records: [{ name: 'palettes', before, after }] });
      return true;
    } catch (fault) {
      if (!(fault instanceof WellError)) throw fault;
      notify(`${fault.message}.`);
      return false;
    }
  };
  return { palette, isLoading, error, refetch, act };
}
