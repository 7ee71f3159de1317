import { fileFormats, formatNames, formatOfFile, importableFormats } from './fileFormats';

test('every format has an ending and a place of its own in the list', () => {
  const endings = formatNames.flatMap((name) => fileFormats[name].endings);
  expect(new Set(endings).size).toBe(endings.length);
  const places = formatNames.map((name) => fileFormats[name].listedAt);
  expect(places).toEqual([...new Set(places)].sort((one, other) => one - other));
});

test('a file is known by its ending, whatever the case, where it can be taken in', () => {
  for (const name of importableFormats)
    for (const ending of fileFormats[name].endings)
      expect(formatOfFile(`Shelf.2${ending.toUpperCase()}`)).toBe(name);
  expect(formatOfFile('photo.jpeg')).toBeNull();
});
