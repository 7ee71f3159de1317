import Button from 'react-bootstrap/Button';
import { EmptyPage } from '../../kit/EmptyPage';
import { LinkButton } from '../../kit/LinkButton';
import { SampleButton } from '../../kit/paint/SampleButton';

export interface EmptyRecipesProps {
  /** writes an empty one */
  onWrite: () => void;
  /** writes one from notes */
  onNotes: () => void;
}

export function EmptyRecipes({ onWrite, onNotes }: EmptyRecipesProps) {
  return (
    <EmptyPage
      shows="recipes"
      title="No recipe written yet"
      words="A recipe is a page of lines, one for each step on one kind of surface: what is mixed, how thin, how often and where it goes. Beside each line stands the colour of the surface after it, before you have wetted a brush."
    >
      <LinkButton to="/begin" variant="next">
        Begin with one question
      </LinkButton>
      <Button variant="outline" onClick={onWrite}>
        Write the first recipe
      </Button>
      <Button variant="outline" onClick={onNotes}>
        Put in my notes
      </Button>
      <LinkButton to="/recipes/draft">Have one drafted</LinkButton>
      <SampleButton />
    </EmptyPage>
  );
}
