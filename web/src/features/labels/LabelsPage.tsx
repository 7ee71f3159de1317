import { counted, hidingLevelOf, isOpaqueId, type Pot } from '@yellow-ledger/core';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useMembership } from '../../data/club/membership';
import { CheckboxGroup } from '../../kit/CheckboxGroup';
import { Disclosure } from '../../kit/Disclosure';
import { PageHead } from '../../kit/PageHead';
import { PageWait } from '../../kit/PageWait';
import { ShelfTabs } from '../../kit/pots/ShelfTabs';
import { PrintButton } from '../../kit/PrintButton';
import { useShelf } from '../../workers/useShelf';
import { labelPages, labelSheets, labelsOf } from './labelSheets';
import { PotLabel } from './PotLabel';
import './labels.scss';

/** Labels to print for lids and rails. */
export default function LabelsPage() {
  const { pots } = useShelf();
  const isClub = useMembership().is === 'in';
  const [sheetIndex, setSheetIndex] = useState(1);
  const [first, setFirst] = useState(1);
  const [without, setWithout] = useState<ReadonlySet<string>>(new Set());
  if (!pots) return <PageWait title="Labels">Fetching the shelf …</PageWait>;
  const all = pots.filter(({ id, retired }) => !retired && !isOpaqueId(id));
  const sheet = labelSheets[sheetIndex];
  const chosen = all.filter(({ id }) => !without.has(id));
  const pages = labelPages(chosen, sheet, first);
  const leaveOut = (ids: readonly string[]) => setWithout(new Set(ids));
  return (
    <div className="page">
      <PageHead title="Labels">
        <PrintButton words="Print the labels" />
      </PageHead>
      <ShelfTabs />
      <div className="flow labels-choice">
        <label>
          Size
          <Form.Select
            size="sm"
            value={sheetIndex}
            onChange={({ target }) => {
              setSheetIndex(Number(target.value));
              setFirst(1);
            }}
          >
            {labelSheets.map(({ name }, index) => (
              <option key={name} value={index}>
                {name}
              </option>
            ))}
          </Form.Select>
        </label>
        <label>
          First free label on the page
          <Form.Control
            type="number"
            size="sm"
            min={1}
            max={labelsOf(sheet)}
            value={first}
            onChange={({ target }) =>
              setFirst(
                Math.min(labelsOf(sheet), Math.max(1, Math.round(Number(target.value)) || 1)),
              )
            }
          />
        </label>
        <p role="status" className="quiet">
          {counted(chosen.length, 'label')} on {counted(pages.length, 'page')}.
        </p>
      </div>
      <p className="quiet no-print">
        {isClub
          ? 'The code on a label opens the pot on a phone that is logged in.'
          : 'The code on a label holds the name and the colour as text.'}{' '}
        Print at 100 %, not “fit to page”.
      </p>
      <Disclosure title={`Pots: ${chosen.length} of ${all.length}`}>
        <div className="flow">
          <Button variant="outline" size="sm" onClick={() => leaveOut([])}>
            All
          </Button>
          <Button variant="outline" size="sm" onClick={() => leaveOut(all.map(({ id }) => id))}>
            None
          </Button>
        </div>
        <CheckboxGroup
          legend="Pots that get a label"
          options={all.map(({ id, name }) => ({ value: id, name }))}
          ticked={chosen.map(({ id }) => id)}
          onTicked={(ids) => {
            const ticked = new Set(ids);
            leaveOut(all.flatMap(({ id }) => (ticked.has(id) ? [] : [id])));
          }}
        />
      </Disclosure>
      <div className="label-pages">
        {pages.map((page, index) => (
          <div key={index} className="label-page" role="group" aria-label={`Page ${index + 1}`}>
            {page.map(({ item, place }) => (
              <PotLabel
                key={item.id}
                pot={item}
                sheet={sheet}
                place={place}
                code={isClub ? addressOf(item) : inWords(item)}
              />
            ))}
          </div>
        ))}
      </div>
    </div>
  );
}

const addressOf = ({ id }: Pot) => `${window.location.origin}/shelf?open=${id}`;

const inWords = ({ name, swatch, hiding }: Pot) =>
  `${name}\n${swatch}, coverage: ${hidingLevelOf(hiding).name}`;
