/** A table as it stands in a file, before anything is made of it. */
export interface PotTable {
  header: string[];
  /** cells by row, the header left out */
  rows: string[][];
  delimiter: string;
}

/** A file that holds no table. */
export class TableError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'TableError';
  }
}
