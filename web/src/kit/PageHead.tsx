import type { ReactNode } from 'react';
import './pageHead.scss';

export interface PageHeadProps {
  /** what the page is called, on it and in the browser’s tab */
  title: string;
  /** written on the page otherwise, as where it can be changed in place */
  name?: ReactNode;
  className?: string;
  /** what stands in the browser’s tab in place of the title */
  tab?: string | undefined;
  /** what can be done with all of it, the one next thing last */
  children?: ReactNode;
}

/** The head of a page: its name, and what can be done there. */
export function PageHead({ title, name, tab, className = '', children }: PageHeadProps) {
  return (
    <div className={`page-head ${className}`}>
      <PageTitle>{tab ?? title}</PageTitle>
      <h1 className={name ? 'visually-hidden' : undefined} dir="auto">
        {title}
      </h1>
      {name}
      {children && <div className="page-head-tools">{children}</div>}
    </div>
  );
}

/** The title in the browser’s tab. */
export function PageTitle({ children }: { children: string }) {
  return <title>{`${children} – Yellow Ledger`}</title>;
}
