import type { Recipe } from '@yellow-ledger/core';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useRef, useState } from 'react';
import { useLastRibbons } from '../../workers/useLastRibbons';
import type { RecipeRow } from '../../workers/useRecipeRows';
import { RecipeEntry } from './RecipeEntry';
import type { RecipeDeeds } from './useRecipeDeeds';

export interface RecipeListProps {
  rows: readonly RecipeRow[];
  recipes: ReadonlyMap<string, Recipe>;
  groundOf: (row: RecipeRow) => string;
  /** in a club */
  whose: ((id: string) => string) | null;
  deeds: RecipeDeeds;
}

/** Up to so many are all drawn, so that the browser's own search finds each. */
const mostDrawn = 60;
/** So high a row is at first, pixels. */
const usualHeight = 57;

/** The recipes in one list; of a long one only what is seen is drawn. */
export const RecipeList = (props: RecipeListProps) =>
  props.rows.length > mostDrawn ? <LongList {...props} /> : <WholeList {...props} />;

function WholeList({ rows, recipes, groundOf, whose, deeds }: RecipeListProps) {
  const ribbons = useLastRibbons(
    rows.map(({ id }) => id),
    recipes,
  );
  return (
    <ol className="ruled recipe-list">
      {rows.map((row) => (
        <li key={row.id}>
          <RecipeEntry
            row={row}
            ribbon={ribbons[row.id]}
            ground={groundOf(row)}
            whose={whose?.(row.id)}
            deeds={deeds}
          />
        </li>
      ))}
    </ol>
  );
}

function LongList({ rows, recipes, groundOf, whose, deeds }: RecipeListProps) {
  const list = useRef<HTMLOListElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => {
    const measure = () => setTop((list.current?.getBoundingClientRect().top ?? 0) + window.scrollY);
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(document.body);
    return () => observer.disconnect();
  }, []);
  const seen = useWindowVirtualizer({
    count: rows.length,
    estimateSize: () => usualHeight,
    getItemKey: (index) => rows[index].id,
    scrollMargin: top,
    overscan: 6,
  });
  const items = seen.getVirtualItems();
  const ribbons = useLastRibbons(
    items.map(({ index }) => rows[index].id),
    recipes,
  );
  return (
    <ol
      ref={list}
      className="ruled recipe-list recipe-list-long"
      style={{ height: seen.getTotalSize() }}
    >
      {items.map(({ index, key, start }) => {
        const row = rows[index];
        return (
          <li
            key={key}
            ref={seen.measureElement}
            data-index={index}
            aria-posinset={index + 1}
            aria-setsize={rows.length}
            style={{ transform: `translateY(${start - top}px)` }}
          >
            <RecipeEntry
              row={row}
              ribbon={ribbons[row.id]}
              ground={groundOf(row)}
              whose={whose?.(row.id)}
              deeds={deeds}
            />
          </li>
        );
      })}
    </ol>
  );
}
