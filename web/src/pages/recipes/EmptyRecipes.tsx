import { Link } from 'react-router';
import { SampleButton } from '../../parts/SampleButton';

export function EmptyRecipes({ onWrite }: { onWrite: () => void }) {
  return (
    <div className="empty-page">
      <h2>No recipe written yet</h2>
      <p>
        A recipe is a page of lines, one for each step on one kind of surface: what is mixed, how
        thin, how often and where it goes. Beside each line stands the colour of the surface after
        it, before you have wetted a brush.
      </p>
      <div className="empty-actions">
        <button type="button" className="next-button" onClick={onWrite}>
          Write the first recipe
        </button>
        <Link className="outline-button" to="/recipes/draft">
          Have one drafted
        </Link>
        <SampleButton />
      </div>
    </div>
  );
}
