import type { ReactNode } from 'react';
import { ActionBar } from './ActionBar';
import { useOpenSample } from './paint/useOpenSample';
import './emptyPage.scss';

/** Pages of which there is a picture, drawn from the sample by the script that draws them all. */
export type Shown =
  | 'recipes'
  | 'shelf'
  | 'armies'
  | 'plan'
  | 'bench'
  | 'log'
  | 'palette'
  | 'match'
  | 'figure'
  | 'paintable'
  | 'buy';

export interface EmptyPageProps {
  title?: string;
  /** what will stand here, and why one would want it */
  words: string;
  /** a picture of it with the sample’s things on it */
  shows?: Shown;
  /** how to begin */
  children?: ReactNode;
}

/** A page on which nothing stands yet. */
export function EmptyPage({ title, words, shows, children }: EmptyPageProps) {
  const { open, isLoading } = useOpenSample();
  return (
    <div className="empty-page">
      {title && <h2>{title}</h2>}
      <p>{words}</p>
      {children && <ActionBar>{children}</ActionBar>}
      {shows && (
        <figure>
          <figcaption>
            A picture of the example collection. Press it to open the collection.
          </figcaption>
          <button
            type="button"
            className="empty-picture"
            disabled={isLoading}
            aria-label="Open the example collection shown here"
            onClick={open}
          >
            <img src={`/shows/${shows}.jpg`} width={640} height={400} alt="" loading="lazy" />
          </button>
        </figure>
      )}
    </div>
  );
}
