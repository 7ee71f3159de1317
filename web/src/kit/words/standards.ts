import { finishLevels, standardName } from '@yellow-ledger/core';

export { standardName } from '@yellow-ledger/core';

/** The standards, for a field. */
export const standardOptions = finishLevels.map((id) => ({ id, name: standardName(id) }));
