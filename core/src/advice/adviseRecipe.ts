import type { BuildUp } from '../recipe/buildUp';
import type { Shelf } from '../recipe/mixedPaint';
import type { Recipe } from '../recipe/recipe';
import { adviceContexts, contextOfLine, type AdviceContexts } from './adviceContext';
import type { Finding } from './finding';
import type { Rule } from './rule';
import { gathered } from './gathered';
import { ruleNames, rules, type Remark } from './remark';
import { isSetAside } from './setAside';

/**
 * What there is to say about a recipe: each remark with the figure behind it and, where there is
 * one, a fix. What is to be said of several lines is said once, with the first of them.
 *
 * @param build of the same recipe
 * @throws UnknownPotError, CarryError
 */
export function adviseRecipe(recipe: Recipe, build: BuildUp, shelf: Shelf): Remark[] {
  const contexts = adviceContexts(recipe, build, shelf);
  const remarks = ruleNames.flatMap((rule) =>
    findingsOf(rules[rule], contexts).map((finding): Remark => ({
      rule,
      kind: rules[rule].kind,
      ...finding,
      alsoOf: [],
      isSetAside: isSetAside(recipe, rule, finding),
    })),
  );
  return gathered(remarks, recipe);
}

/** An aspect on less of the form than this is no place where a line can be missed. */
const seenFrom = 0.01;

/**
 * What a rule finds: of each line where it is aimed, of the whole where it is not. A rule that has
 * to hold everywhere says nothing of a line that does something in some aspect.
 */
function findingsOf({ find, isOfEverywhere }: Rule, contexts: AdviceContexts): Finding[] {
  const { main, all } = contexts;
  const found = new Map(all.map((context) => [context, find(context)]));
  const isEverywhere = ({ stepId }: Finding) =>
    all.every(
      (context) =>
        context.build.aspect.share < seenFrom ||
        !context.lines.some(({ step }) => step.id === stepId) ||
        found.get(context)?.some((other) => other.stepId === stepId),
    );
  return all.flatMap((context) =>
    (found.get(context) ?? []).filter((finding) => {
      const own = finding.stepId === null ? main : contextOfLine(contexts, finding.stepId);
      const isOwn = own === context;
      return isOwn && (!isOfEverywhere || isEverywhere(finding));
    }),
  );
}
