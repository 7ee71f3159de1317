import { BsHash } from 'react-icons/bs';
import { IconButton } from '../IconButton';
import { figuresSetting, useFigures } from './figuresSetting';

/** Opens and closes the figures on every page. */
export function FiguresButton() {
  const areShown = useFigures();
  return (
    <IconButton
      label={areShown ? 'Words alone' : 'Show the figures'}
      tip={areShown ? 'Words alone, without figures' : 'Show the figures: L*, ΔE00, share of paint'}
      icon={<BsHash aria-hidden />}
      aria-pressed={areShown}
      onClick={() => figuresSetting.show(!areShown)}
    />
  );
}
