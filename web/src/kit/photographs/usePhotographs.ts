import { isOf, type Photograph, type PhotographKind, type PhotographOf } from '@yellow-ledger/core';
import { useMemo, useState } from 'react';
import { unsentPictures } from '../../data/pictures/unsentPictures';
import { useRecords } from '../../data/useCollections';
import { useWriter } from '../../data/useWriter';
import { pictureWorker } from '../../workers/pictureWorker';
import { recipeScope } from '../paint/recipeScope';
import { inTheirOrder, photographName } from './photographWords';

/** The photographs of a thing, and what can be done with them; each of it can be undone. */
export function usePhotographs(of: PhotographOf) {
  const { kept, error, refetch } = useRecords('photographs');
  const writer = useWriter();
  const [isTaking, setIsTaking] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const key = JSON.stringify(of);
  const photographs = useMemo(
    () =>
      kept
        ?.map(({ content }) => content)
        .filter((each) => isOf(each, JSON.parse(key) as PhotographOf))
        .sort(inTheirOrder),
    [kept, key],
  );

  /** Changes made on a recipe's page are undone there. */
  const scope = of.kind === 'recipe' ? recipeScope(of.recipeId) : null;
  const put = (label: string, before: Photograph | null, after: Photograph | null) =>
    writer.do(label, { records: [{ name: 'photographs', before, after }] }, { scope });

  const take = async (file: File, shows: PhotographKind) => {
    setIsTaking(true);
    setProblem(null);
    const taken = await pictureWorker().take(file, file.name);
    setIsTaking(false);
    if ('problem' in taken) return setProblem(taken.problem);
    await unsentPictures.keep(taken.kept.hash, taken.bytes);
    const photograph: Photograph = {
      id: crypto.randomUUID(),
      of,
      shows,
      addedAt: new Date().toISOString(),
      picture: taken.kept,
    };
    put('put in a photograph', null, photograph);
  };

  return {
    photographs,
    error,
    refetch,
    isTaking,
    problem,
    take,
    change(photograph: Photograph, next: Partial<Photograph>) {
      const label = `change what is said of ${photographName(photograph)}`;
      writer.change('photographs', photograph.id, label, (now) => ({ ...now, ...next }), { scope });
    },
    remove(photograph: Photograph) {
      put(`delete ${photographName(photograph)}`, photograph, null);
      writer.notice(`${photographName(photograph)} is deleted; Ctrl+Z undoes it.`);
    },
  };
}

export type Photographs = ReturnType<typeof usePhotographs>;
