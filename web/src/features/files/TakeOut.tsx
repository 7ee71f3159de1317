import { fileFormats, formatNames, may } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { Fragment } from 'react';
import { useMembership } from '../../data/club/membership';
import { saveText } from '../../kit/hooks/saveText';
import { useNotice } from '../../kit/shell/notices';
import { ofShelf } from '../../workers/parts';
import { useWorker } from '../../workers/useWorker';

/** The shelf and the whole ledger as files. */
export function TakeOut() {
  const worker = useWorker(ofShelf);
  const notify = useNotice();
  const membership = useMembership();
  const role = membership.is === 'in' ? membership.me.member.role : null;
  const mayTakeAll = role === null || may(role, 'club', 'look', 'wholeFile');
  return (
    <section className="take-out" aria-labelledby="take-out-head">
      <h2 id="take-out-head">Export</h2>
      <dl>
        {formatNames.map((name) => {
          const { shelf, endings, mediaType } = fileFormats[name];
          const fileName = `shelf${endings[0]}`;
          return (
            shelf && (
              <Fragment key={name}>
                <dt>{shelf.what}</dt>
                <dd>
                  {shelf.tells}
                  <Button
                    variant="outline"
                    onClick={() =>
                      void worker()
                        .shelfAs(name)
                        .then((text) => saveText(text, fileName, mediaType))
                        .catch(() => notify(`${fileName} was not made. Load the page again.`))
                    }
                  >
                    Save {fileName}
                  </Button>
                </dd>
              </Fragment>
            )
          );
        })}
        <dt>The shelf as a ledger file</dt>
        <dd>
          For another Yellow Ledger.
          <a className="btn btn-outline" href="/api/files/shelf" download>
            Save the shelf
          </a>
        </dd>
        <dt>The recipes with their pots</dt>
        <dd>
          All that are not archived. One alone is taken out on its own card.
          <a className="btn btn-outline" href="/api/files/recipes" download>
            Save the recipes
          </a>
        </dd>
        {mayTakeAll && (
          <>
            <dt>Everything</dt>
            <dd>
              {role === null
                ? 'The whole ledger with its log, whatever its size, as a copy to keep.'
                : 'All you are shown of the ledger with its log, as a copy to keep.'}
              <a className="btn btn-outline" href="/api/files/everything" download>
                Save everything
              </a>
            </dd>
          </>
        )}
        {role !== null && (
          <>
            <dt>Everything of mine</dt>
            <dd>
              What is yours, with the pots it draws from and what you have painted.
              <a className="btn btn-outline" href="/api/files/mine" download>
                Save what is mine
              </a>
            </dd>
          </>
        )}
      </dl>
      <p>The folder docs/format describes these files.</p>
    </section>
  );
}
