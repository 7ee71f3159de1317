import { LinkButton } from '../../../kit/LinkButton';
import { BeginStrip } from '../../../kit/begin/BeginStrip';
import { useBeginning } from '../../../kit/begin/beginning';
import type { LeafPath } from '../RecipeLeaves';

/** On the recipe somebody begins with: what to look at, what to change, and on to the bench. */
export function BeginHere({ recipeId, leaf }: { recipeId: string; leaf: LeafPath }) {
  const now = useBeginning();
  if (now?.is !== 'on' || now.recipeId !== recipeId) return null;
  if (leaf === 'form')
    return (
      <BeginStrip at="form">
        <span>This is what it will look like, before a brush is wet.</span>
        <LinkButton to={`/recipes/${recipeId}`} variant="next">
          Change one thing
        </LinkButton>
      </BeginStrip>
    );
  return (
    <BeginStrip at="change">
      <span>Open a line and change its mix, or say another at the foot: the ribbons follow.</span>
      <LinkButton to={`/bench?recipe=${recipeId}`} variant="next">
        To the bench
      </LinkButton>
    </BeginStrip>
  );
}
