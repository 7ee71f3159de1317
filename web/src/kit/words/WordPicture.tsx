import type { Consistency, Meaning } from '@yellow-ledger/core';
import type { ReactNode } from 'react';

/** A drop of it on a palette, seen from the side. */
const drops: Record<Consistency['name'], ReactNode> = {
  stiff: <path d="M5 11C5 1 7 1 11 1S17 1 17 11Z" />,
  smooth: <path d="M4 11C5 5 8 4 11 4S17 5 18 11Z" />,
  loose: <path d="M3 11C5 7.5 8 7 11 7S17 7.5 19 11Z" />,
  runny: <path d="M1 11C4 9.5 8 9 11 9S18 9.5 21 11Z" />,
  'tinted water': <path d="M0 11C4 9.5 18 9.5 22 11Z" fillOpacity="0.3" />,
};

/** Paint over what lies below, cut through. */
const films: Record<Meaning, ReactNode> = {
  cover: <rect x="1" y="2" width="20" height="6" />,
  tint: <rect x="1" y="2" width="20" height="6" fillOpacity="0.3" />,
  buildUp: <path d="M13 1h8v1.6h-8zM8 3.6h13v1.6H8zM3 6.2h18v1.6H3z" />,
  showThrough: <path d="M1 2h4v6H1zM7 2h4v6H7zM13 2h4v6h-4zM19 2h2v6h-2z" fillOpacity="0.7" />,
  mark: <circle cx="11" cy="5.5" r="2.5" />,
};

const below = <path d="M1 9h20v2H1z" fillOpacity="0.45" />;

const picture = (drawn: ReactNode) => (
  <svg width="22" height="12" viewBox="0 0 22 12" fill="currentColor" aria-hidden="true">
    {drawn}
  </svg>
);

/** How a consistency looks, beside its word where that is used first. */
export const ConsistencyPicture = ({ name }: { name: Consistency['name'] }) => picture(drops[name]);

/** The purpose of a line as a picture, beside its word where that is used first. */
export const MeaningPicture = ({ meaning }: { meaning: Meaning }) =>
  picture(
    <>
      {films[meaning]}
      {below}
    </>,
  );

/** The places of a surface from pit to point as a rising edge, behind their names. */
export const PlacesPicture = () => (
  <svg
    viewBox="0 0 300 18"
    preserveAspectRatio="none"
    width="100%"
    height="100%"
    fill="currentColor"
    fillOpacity="0.14"
    aria-hidden="true"
  >
    <path d="M0 18V17.5C20 17.5 35 15 45 15S80 15.5 96 13.5S140 11 150 10.5S185 8 198 7.5C215 7 225 4 240 4S268 5.5 276 3.5L300 0V18Z" />
  </svg>
);
