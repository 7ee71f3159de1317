import { asProblem } from '../../data/ask';
import { useAddSampleMutation } from '../../data/ledgerApi';
import { useNotice } from '../shell/notices';

/** Puts the sample's recipes, pots and armies beside what is there, and says so. */
export function useOpenSample() {
  const [addSample, { isLoading }] = useAddSampleMutation();
  const notify = useNotice();
  const open = () =>
    void addSample()
      .unwrap()
      .then(() => notify('The sample’s recipes and pots are yours to try.'))
      .catch((error: unknown) => notify(asProblem(error).message, { isProblem: true }));
  return { open, isLoading };
}
