/** The source of a drop: a pot by its identifier, or the water, or the medium. */
export type DropOf = { potId: string } | 'water' | 'medium';

export interface DropMore {
  of: DropOf;
  /** drops put in, halves too; below 0 where so many less are counted */
  drops: number;
}
