/** What is done on a recipe's page is undone there. */
export const recipeScope = (recipeId: string) => `recipe ${recipeId}`;
