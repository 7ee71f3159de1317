import { pictureFormats, type PhotographKind } from '@yellow-ledger/core';
import { useMayCreate } from '../../data/club/standing';
import { ActionBar } from '../ActionBar';
import { FileButton } from '../FileButton';
import { Problem } from '../Problem';
import type { Photographs } from './usePhotographs';

const accept = pictureFormats.map(({ type }) => type).join();

export interface AddPhotographProps {
  of: Photographs;
  shows: PhotographKind;
  /** it is what one would do next where it stands, while there is no photograph */
  isNext?: boolean;
}

/** Puts a photograph in: a file, or straight from the camera of a phone. */
export function AddPhotograph({ of, shows, isNext = false }: AddPhotographProps) {
  const isFirst = isNext && of.photographs?.length === 0;
  const button = {
    variant: isFirst ? ('next' as const) : ('outline' as const),
    isBusy: of.isTaking,
    accept,
    onFile: (file: File) => void of.take(file, shows),
  };
  const mayAdd = useMayCreate('photographs');
  if (!mayAdd) return null;
  return (
    <>
      <ActionBar>
        <span className="photograph-camera">
          <FileButton
            {...button}
            words="Take a photograph"
            label="A photograph with the camera"
            fromCamera
          />
        </span>
        <FileButton {...button} words="Put a photograph in" label="A file with a photograph" />
      </ActionBar>
      {of.problem && <Problem dir="auto">{of.problem}</Problem>}
    </>
  );
}
