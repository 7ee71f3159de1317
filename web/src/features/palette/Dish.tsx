import { volumeMlOf, type Pot, type Well } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { mlWords } from '../../kit/words/mlWords';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';

export interface DishProps {
  wells: readonly Well[];
  pots: Pot[];
  chosenId: string;
  onChoose: (wellId: string) => void;
}

/** The wells side by side, each as it looks thick and dry. */
export function Dish({ wells, chosenId, onChoose }: DishProps) {
  const { answer } = useAnswer(ofShelf, [wells], async (worker) => {
    const hexes = await worker.wellSwatches(wells);
    return new Map(wells.map(({ id }, index) => [id, hexes[index]]));
  });
  return (
    <ul className="rows dish" aria-label="Wells">
      {wells.map((well) => {
        const hex = answer?.get(well.id);
        return (
          <li key={well.id}>
            <Button
              variant="bare"
              className="dish-well"
              aria-pressed={well.id === chosenId}
              onClick={() => onChoose(well.id)}
            >
              <span className="dish-hollow">
                {hex && <span className="dish-puddle" style={{ background: hex }} />}
              </span>
              <span dir="auto">{well.name}</span>
              <small>{volumeMlOf(well) > 0 ? mlWords(volumeMlOf(well)) : 'empty'}</small>
            </Button>
          </li>
        );
      })}
    </ul>
  );
}
