import type { Photograph, PhotographKind } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState, type ReactNode } from 'react';
import { Select } from '../Select';
import { ActionBar } from '../ActionBar';
import { LineField } from '../field/LineField';
import { LinkButton } from '../LinkButton';
import { UnsavedMark } from '../saving/UnsavedMark';
import { PhotographPicture } from './PhotographPicture';
import { kindOptions, photographName } from './photographWords';

export interface PhotographEntryProps {
  photograph: Photograph;
  onChange: (next: Partial<Photograph>) => void;
  onRemove: () => void;
  /** what else is said of it */
  children?: ReactNode;
}

/** One photograph with what is said of it, changed in its place. */
export function PhotographEntry(props: PhotographEntryProps) {
  const { photograph, onChange, onRemove, children } = props;
  const [isLarge, setIsLarge] = useState(false);
  const name = photographName(photograph);
  return (
    <li className={isLarge ? 'photograph photograph-large' : 'photograph'}>
      <figure aria-label={name}>
        <PhotographPicture photograph={photograph} />
        <figcaption className="visually-hidden">{name}</figcaption>
      </figure>
      <UnsavedMark name="photographs" id={photograph.id} />
      <Select<PhotographKind>
        label="Shows"
        value={photograph.shows}
        onChoose={(shows) => onChange({ shows })}
        options={kindOptions}
      />
      <LineField
        label="Words to it"
        value={photograph.caption ?? ''}
        isOptional
        onLine={(caption) => onChange({ caption: caption === '' ? undefined : caption })}
      />
      {children}
      <ActionBar>
        <LinkButton to={`/photographs/${photograph.id}`}>Its light</LinkButton>
        <Button variant="outline" aria-pressed={isLarge} onClick={() => setIsLarge(!isLarge)}>
          {isLarge ? 'Smaller' : 'Larger'}
        </Button>
        <Button variant="outline" aria-label={`Delete ${name}`} onClick={onRemove}>
          Delete
        </Button>
      </ActionBar>
    </li>
  );
}
