import { isSameContent } from '../record/sameContent';
import type { Recipe } from '../recipe/recipe';
import type { Step } from '../recipe/step';

export type Side = 'mine' | 'theirs';

/** A place where two versions of a recipe differ; each has its own value, or none where it is gone. */
export type Difference =
  | {
      kind: 'head';
      key: string;
      field: HeadField;
      mine: unknown;
      theirs: unknown;
      changedBy: ChangedBy;
    }
  | { kind: 'line'; key: string; stepId: string; mine?: Step; theirs?: Step; changedBy: ChangedBy }
  | { kind: 'order'; key: string; changedBy: ChangedBy };

export type HeadField = Exclude<keyof Recipe, 'id' | 'steps' | 'parent' | 'more'>;
export type ChangedBy = Side | 'both';

const headFields: readonly HeadField[] = [
  'name',
  'surface',
  'groundPotId',
  'ground',
  'finishLevel',
  'models',
  'areaCm2',
  'notes',
  'archived',
  'form',
  'light',
  'sections',
  'spots',
  'meantAs',
  'hairDryer',
  'setAside',
];

/**
 * Where two versions of a recipe that began as one differ, line by line.
 *
 * @param base what both were made from
 * @returns nothing where both say the same, whoever changed it
 */
export function differencesBetween(base: Recipe, mine: Recipe, theirs: Recipe): Difference[] {
  const found: Difference[] = [];
  for (const field of headFields)
    if (!isSameContent(mine[field], theirs[field]))
      found.push({
        kind: 'head',
        key: `head ${field}`,
        field,
        mine: mine[field],
        theirs: theirs[field],
        changedBy: changedBy(base[field], mine[field], theirs[field]),
      });
  const stepIds = new Set([...mine.steps, ...theirs.steps].map(({ id }) => id));
  for (const stepId of stepIds) {
    const [was, my, their] = [base, mine, theirs].map((r) => r.steps.find((s) => s.id === stepId));
    if (isSameContent(my, their)) continue;
    found.push({
      kind: 'line',
      key: `line ${stepId}`,
      stepId,
      mine: my,
      theirs: their,
      changedBy: changedBy(was, my, their),
    });
  }
  const [wasOrder, myOrder, theirOrder] = [base, mine, theirs].map((recipe) =>
    recipe.steps.map(({ id }) => id).filter((id) => inAll(id, base, mine, theirs)),
  );
  if (!isSameContent(myOrder, theirOrder))
    found.push({
      kind: 'order',
      key: 'order',
      changedBy: changedBy(wasOrder, myOrder, theirOrder),
    });
  return found;
}

/** Each difference settled by whoever changed it; where both did, mine, until the painter says. */
export function usualChoices(differences: readonly Difference[]): Record<string, Side> {
  return Object.fromEntries(
    differences.map(({ key, changedBy: who }) => [key, who === 'theirs' ? 'theirs' : 'mine']),
  );
}

/**
 * One recipe from two versions, with each difference settled as chosen.
 *
 * @param choices by the difference's key; what is not chosen stays mine
 * @returns may break a rule of recipes (a line kept that carries a line given up): check it
 */
export function mergeRecipes(
  mine: Recipe,
  theirs: Recipe,
  differences: readonly Difference[],
  choices: Readonly<Record<string, Side>>,
): Recipe {
  let merged = { ...mine };
  const settled = new Map<string, Step | undefined>();
  for (const difference of differences) {
    const theirsChosen = choices[difference.key] === 'theirs';
    if (difference.kind === 'head' && theirsChosen)
      merged = { ...merged, [difference.field]: difference.theirs };
    if (difference.kind === 'line')
      settled.set(difference.stepId, theirsChosen ? difference.theirs : difference.mine);
  }
  const [leading, following] = choices.order === 'theirs' ? [theirs, mine] : [mine, theirs];
  const steps = interleaved(leading.steps, following.steps).flatMap((step) => {
    const chosen = settled.has(step.id) ? settled.get(step.id) : step;
    return chosen ? [chosen] : [];
  });
  return { ...merged, steps };
}

/** `leading` in its order, with what only `following` has put in after the line it followed. */
function interleaved(leading: readonly Step[], following: readonly Step[]): Step[] {
  const steps = [...leading];
  following.forEach((step, index) => {
    if (steps.some(({ id }) => id === step.id)) return;
    const previous = following[index - 1];
    const after = previous ? steps.findIndex(({ id }) => id === previous.id) : -1;
    steps.splice(after + 1, 0, step);
  });
  return steps;
}

function changedBy(was: unknown, mine: unknown, theirs: unknown): ChangedBy {
  if (isSameContent(was, mine)) return 'theirs';
  return isSameContent(was, theirs) ? 'mine' : 'both';
}

function inAll(id: string, ...recipes: Recipe[]): boolean {
  return recipes.every(({ steps }) => steps.some((step) => step.id === id));
}
