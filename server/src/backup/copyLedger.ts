import type { Ledger } from '../db/ledger';
import { pictureStore, picturesOfBackups } from '../pictures/pictureStore';
import { picturesNamed } from '../pictures/picturesNamed';

/**
 * Copies a ledger whole, whatever is written meanwhile: its database into a file, and the pictures
 * it names into the folder that lies beside such files, each once for all of them.
 *
 * @param to a file that is not there yet
 */
export async function copyLedger({ db, pictures }: Ledger, to: string): Promise<void> {
  await db.raw('vacuum into ?', [to]);
  await pictureStore(picturesOfBackups(to)).copyFrom(pictures.folder, await picturesNamed(db));
}
