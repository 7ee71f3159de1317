import type { ReactNode } from 'react';
import { Deeds } from './Deeds';
import './emptyPage.scss';

export interface EmptyPageProps {
  title?: string;
  /** what will stand here, and why one would want it */
  words: string;
  /** how to begin */
  children?: ReactNode;
}

/** A page on which nothing stands yet. */
export function EmptyPage({ title, words, children }: EmptyPageProps) {
  return (
    <div className="empty-page">
      {title && <h2>{title}</h2>}
      <p>{words}</p>
      {children && <Deeds>{children}</Deeds>}
    </div>
  );
}
