import { paletteSchema, potIdsInPalette, type Palette } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { linkPots } from '../db/linkPots';
import { recordStore, type RecordStore } from '../db/recordStore';

export function paletteStore(db: Knex): RecordStore<Palette> {
  return recordStore({
    db,
    table: 'palettes',
    schema: paletteSchema,
    alongside: (transaction, palette) =>
      linkPots(
        transaction,
        { table: 'palette_pots', owner: 'palette_id' },
        palette.id,
        potIdsInPalette(palette),
      ),
  });
}
