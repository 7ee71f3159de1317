import type { Placement, WrittenAim } from '@yellow-ledger/core';
import type { RecipeLineProps } from '../line/recipeLineProps';

/** What a part of the placement of an open line is given. */
export interface PlacementPartProps extends RecipeLineProps {
  placement: Placement;
  onPlace: (placement: Placement) => void;
}

/** What chooses the spot of an aim is given as well. */
export interface SpotFieldProps extends PlacementPartProps {
  aim: WrittenAim;
  onAim: (aim: WrittenAim) => void;
}
