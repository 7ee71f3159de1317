/** How identifiers begin that stand for a record which their reader may not see. */
export const opaquePrefix = 'private-';

/** Whether an identifier only stands for one that its reader may not see. */
export const isOpaqueId = (id: string): boolean => id.startsWith(opaquePrefix);
