import Button from 'react-bootstrap/Button';
import { asProblem } from '../../data/ask';
import { useAddSampleMutation } from '../../data/ledgerApi';
import { useNotice } from '../shell/notices';

/** Puts the sample world beside what is there. */
export function SampleButton() {
  const [addSample, { isLoading }] = useAddSampleMutation();
  const notify = useNotice();
  return (
    <Button
      variant="outline"
      disabled={isLoading}
      onClick={() =>
        void addSample()
          .unwrap()
          .then(() => notify('The sample’s recipes and pots are yours to try.'))
          .catch((error: unknown) => notify(asProblem(error).message, { isProblem: true }))
      }
    >
      Open the example collection
    </Button>
  );
}
