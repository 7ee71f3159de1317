import { writeGimpPalette, type Pot } from '@yellow-ledger/core';
import { saveText } from '../../parts/saveText';
import { withShelf } from '../../workers/ledgerWorker';

/** The shelf and the whole ledger as files. */
export function TakeOut({ pots }: { pots: readonly Pot[] }) {
  const shown = pots.filter(({ retired }) => !retired);
  return (
    <section className="take-out" aria-labelledby="take-out-head">
      <h2 id="take-out-head">Take out</h2>
      <dl>
        <dt>The shelf as a table</dt>
        <dd>
          Every pot with all its figures, for a spreadsheet. Taken in again it updates and doubles
          nothing.
          <button
            type="button"
            className="outline-button"
            onClick={() =>
              void withShelf(pots)
                .shelfAsTable()
                .then((table) => saveText(`\ufeff${table}`, 'shelf.csv', 'text/csv'))
            }
          >
            Save shelf.csv
          </button>
        </dd>
        <dt>The swatches as a palette</dt>
        <dd>
          Names and colours of the {shown.length} pots in use, for drawing programs.
          <button
            type="button"
            className="outline-button"
            onClick={() => saveText(writeGimpPalette(shown, 'Shelf'), 'shelf.gpl', 'text/plain')}
          >
            Save shelf.gpl
          </button>
        </dd>
        <dt>The shelf as a ledger file</dt>
        <dd>
          For another Yellow Ledger.
          <a className="outline-button" href="/api/files/shelf" download>
            Save the shelf
          </a>
        </dd>
        <dt>The recipes with their pots</dt>
        <dd>
          All that are not archived. One alone is taken out on its own card.
          <a className="outline-button" href="/api/files/recipes" download>
            Save the recipes
          </a>
        </dd>
        <dt>Everything</dt>
        <dd>
          Pots, recipes with their versions, palettes: the whole ledger, as a copy to keep.
          <a className="outline-button" href="/api/files/everything" download>
            Save everything
          </a>
        </dd>
      </dl>
      <p>What stands in these files is written down in the folder docs/format.</p>
    </section>
  );
}
