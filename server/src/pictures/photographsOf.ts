import type { FilePicture, Photograph, Recipe } from '@yellow-ledger/core';
import type { Ledger } from '../db/ledger';
import { picturesOfFile } from './picturesOfFile';

/** The photographs of recipes, with their pictures, as they go into a file. */
export async function photographsOf(
  recipes: readonly Recipe[],
  { records, pictures }: Pick<Ledger, 'records' | 'pictures'>,
): Promise<{ photographs: Photograph[]; pictures: FilePicture[] }> {
  const ids = new Set(recipes.map(({ id }) => id));
  const photographs = (await records.photographs.list())
    .map(({ content }) => content)
    .filter(({ of }) => of.kind === 'recipe' && ids.has(of.recipeId));
  const hashes = new Set(photographs.map(({ picture }) => picture.hash));
  const held: FilePicture[] = [];
  for await (const picture of picturesOfFile(hashes, pictures)) held.push(picture);
  return { photographs, pictures: held };
}
