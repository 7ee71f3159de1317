import Button from 'react-bootstrap/Button';
import { RadioGroup } from '../RadioGroup';

export interface PaperChoiceProps<Paper extends string> {
  papers: readonly Paper[];
  paper: Paper;
  onPaper: (paper: Paper) => void;
  /** on the button that prints */
  print: string;
}

/** On which paper something is printed, and the printing of it. */
export function PaperChoice<Paper extends string>(props: PaperChoiceProps<Paper>) {
  const { papers, paper, onPaper, print } = props;
  return (
    <>
      <RadioGroup
        label="Paper"
        options={papers.map((value) => ({ value, name: value }))}
        chosen={paper}
        onChoose={onPaper}
      />
      <Button variant="next" onClick={() => window.print()}>
        {print}
      </Button>
    </>
  );
}
