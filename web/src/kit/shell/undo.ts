/** The two arrows in the head. */
export interface Undo {
  canUndo: boolean;
  canRedo: boolean;
  /** what would be undone, in a few words; empty where the thing itself shows it */
  undoes: string;
  redoes: string;
  undo: () => void;
  redo: () => void;
}
