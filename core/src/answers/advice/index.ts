export { adviseRecipe } from './adviseRecipe';
export { lineMeanings } from './lineMeanings';
export { mixSteps, showsAsLineFrom, type MixStep } from './mixSteps';
export { ruleNames, rules, type Remark } from './remark';
export { bringBackFix, setAsideFix } from './setAside';
export { stoppingPoints } from './stoppingPoints';
