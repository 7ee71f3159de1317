/** The versions of a recipe, to be chosen among; first the recipe as it is now. */
export const versionOptions = (versions: readonly { number: number; note: string }[]) => [
  { id: '', name: 'as it is now' },
  ...versions.map(({ number, note }) => ({
    id: number,
    name: note ? `${number}: ${note.slice(0, 40)}` : String(number),
  })),
];
