import type { LeafProps } from './leafProps';
import { RecipeLines } from './line/RecipeLines';
import { RecipeNotes } from './RecipeNotes';

/** The lines of the recipe, and the notes under them. */
export function LinesLeaf(props: LeafProps) {
  return (
    <>
      <RecipeLines {...props} />
      <RecipeNotes draft={props.draft} />
    </>
  );
}
