import type { ReactNode } from 'react';
import './axisNames.scss';

export interface AxisNamesProps {
  names: readonly { name: string; at: number }[];
  className?: string;
  /** drawn behind them */
  children?: ReactNode;
}

/** Names over or under an axis, each at its place from 0 to 1. */
export const AxisNames = ({ names, className = '', children }: AxisNamesProps) => (
  <span className={`axis-names ${className}`} aria-hidden="true">
    {children}
    {names.map(({ name, at }) => (
      <span key={name} style={{ left: `${at * 100}%` }}>
        {name}
      </span>
    ))}
  </span>
);
