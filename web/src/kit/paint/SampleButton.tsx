import Button from 'react-bootstrap/Button';
import { useOpenSample } from './useOpenSample';

/** Puts the sample world beside what is there. */
export function SampleButton() {
  const { open, isLoading } = useOpenSample();
  return (
    <Button variant="outline" disabled={isLoading} onClick={open}>
      Open the example collection
    </Button>
  );
}
