import type { BuildUp } from '../../predicted/buildUp/buildUp';
import type { Shelf } from '../../predicted/paint/mixedPaint';
import type { Recipe } from '../../written/recipe/recipe';
import {
  adviceContexts,
  type AdviceContext,
  type AdviceContexts,
  type PaintedLine,
} from './adviceContext';
import type { Finding } from './finding';
import type { Rule } from './rule';
import { gathered } from './gathered';
import { ruleNames, rules, type Remark } from './remark';
import { isSetAside } from './setAside';

/**
 * All remarks on a recipe: each with the figure behind it and, where there is
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
 * The findings of a rule: of each line where it is aimed, of the whole where nothing is. A rule that has
 * to hold everywhere says nothing of a line that does something in some aspect.
 */
export function findingsOf(rule: Rule, { main, all }: AdviceContexts): Finding[] {
  const ofLines = all
    .filter((context) => context === main || context.judged.length > 0)
    .flatMap((context) => {
      const own = new Set(context.judged.map(({ step }) => step.id));
      const found = rule.find(context);
      // A finding of a line that is judged nowhere is said of the whole.
      return context === main
        ? found.filter(({ stepId }) => stepId === null || own.has(stepId) || !isJudged(stepId))
        : found.filter(({ stepId }) => stepId !== null && own.has(stepId));
    });
  if (!rule.isOfEverywhere) return ofLines;
  return ofLines.filter(({ stepId }) =>
    all.every((context) => {
      const line = context.lines.find(({ step }) => step.id === stepId);
      const isSeen = line && context.build.aspect.share >= seenFrom;
      return !isSeen || context.judged.includes(line) || isFoundOf(line, context);
    }),
  );

  function isJudged(stepId: string): boolean {
    return all.some(({ judged }) => judged.some(({ step }) => step.id === stepId));
  }

  function isFoundOf(line: PaintedLine, context: AdviceContext): boolean {
    return rule.find({ ...context, judged: [line] }).length > 0;
  }
}
