import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import './virtualList.scss';

export interface VirtualListProps {
  label: string;
  count: number;
  draw: (index: number) => ReactNode;
}

/** So wide a column is at least, and so high a row at first, pixels. */
const leastWidth = 304;
const usualHeight = 44;

/** A long list in columns, of which only what is seen is drawn. */
export function VirtualList({ label, count, draw }: VirtualListProps) {
  const list = useRef<HTMLOListElement>(null);
  const [place, setPlace] = useState({ top: 0, columns: 1 });
  useLayoutEffect(() => {
    const element = list.current;
    if (!element) return;
    const measure = () =>
      setPlace({
        top: element.getBoundingClientRect().top + window.scrollY,
        columns: Math.max(1, Math.floor(element.clientWidth / leastWidth)),
      });
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  const rows = useWindowVirtualizer({
    count: Math.ceil(count / place.columns),
    estimateSize: () => usualHeight,
    scrollMargin: place.top,
    overscan: 8,
  });
  return (
    <ol
      ref={list}
      className="rows seen-only"
      aria-label={label}
      style={{ height: rows.getTotalSize() }}
    >
      {rows.getVirtualItems().flatMap(({ index: row, start }) =>
        Array.from({ length: place.columns }, (_, column) => {
          const index = row * place.columns + column;
          return (
            index < count && (
              <li
                key={index}
                aria-posinset={index + 1}
                aria-setsize={count}
                ref={column === 0 ? rows.measureElement : undefined}
                data-index={row}
                style={{
                  transform: `translateY(${start - place.top}px)`,
                  insetInlineStart: `${(column / place.columns) * 100}%`,
                  width: `calc(${100 / place.columns}% - 1.5rem)`,
                }}
              >
                {draw(index)}
              </li>
            )
          );
        }),
      )}
    </ol>
  );
}
