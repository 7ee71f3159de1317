/** Changes made on a recipe's page are undone there. */
export const recipeScope = (recipeId: string) => `recipe ${recipeId}`;
