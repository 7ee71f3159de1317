import type { Placement, WrittenAim } from '@yellow-ledger/core';
import type { RecipeLineProps } from '../line/recipeLineProps';

/** The props of a part of the placement of an open line. */
export interface PlacementPartProps extends RecipeLineProps {
  placement: Placement;
  onPlace: (placement: Placement) => void;
}

/** The props for choosing the spot of an aim. */
export interface SpotFieldProps extends PlacementPartProps {
  aim: WrittenAim;
  onAim: (aim: WrittenAim) => void;
}
