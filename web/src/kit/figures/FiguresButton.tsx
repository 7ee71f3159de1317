import { Hash } from 'react-bootstrap-icons';
import { IconButton } from '../IconButton';
import { figuresSetting, useFigures } from './figuresSetting';

/** Opens and closes the figures on every page. */
export function FiguresButton() {
  const areShown = useFigures();
  return (
    <IconButton
      label={areShown ? 'Hide numbers' : 'Show numbers'}
      tip={areShown ? 'Hide numbers' : 'Show numbers: L*, ΔE00, share of paint'}
      icon={<Hash aria-hidden />}
      aria-pressed={areShown}
      onClick={() => figuresSetting.show(!areShown)}
    />
  );
}
