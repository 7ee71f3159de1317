import { benchBuildUp } from './buildUpBench';
import { benchBundle } from './bundleBench';
import { benchRecipeList } from './recipeListBench';

benchBundle();
benchBuildUp();
await benchRecipeList();
