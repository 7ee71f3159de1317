import type { CSSProperties, HTMLAttributes } from 'react';
import './grid.scss';

export interface GridProps extends HTMLAttributes<HTMLElement> {
  as?: 'div' | 'li';
  /** widths beside each other, as a grid takes them */
  columns: string;
}

/** Things laid beside each other; where there is no room, one under the other. */
export function Grid({ as: Tag = 'div', columns, className = '', ...rest }: GridProps) {
  const style = { '--columns': columns } as CSSProperties;
  return <Tag className={`laid ${className}`} style={style} {...rest} />;
}
