import { figureIn, leastCut, type CutOut, type LightMapSettings } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { Disclosure } from '../../kit/Disclosure';
import { ActionBar } from '../../kit/ActionBar';
import { StretchField } from '../../kit/field/StretchField';
import type { LightRead } from '../../workers/shared/pictureWork';

const all: CutOut = { left: 0, top: 0, right: 1, bottom: 1 };
const across = [
  { name: 'left', at: 0 },
  { name: 'right', at: 1 },
];
const down = [
  { name: 'top', at: 0 },
  { name: 'bottom', at: 1 },
];

export interface CutOutFieldsProps {
  settings: LightMapSettings;
  /** as it is looked at now */
  light: LightRead | null;
  onCut: (cutOut: CutOut | undefined) => void;
}

/** The part of a photograph that is looked at: from where to where across it, and down it. */
export function CutOutFields({ settings, light, onCut }: CutOutFieldsProps) {
  const cutOut = settings.cutOut ?? all;
  const figure = light && figureIn(light);
  const { left, right, top, bottom } = cutOut;
  const cut = (next: Partial<CutOut>) => {
    const now = { ...cutOut, ...next };
    // Something of it has to be left to be looked at.
    if (now.right - now.left < leastCut || now.bottom - now.top < leastCut) return;
    onCut(now);
  };
  return (
    <Disclosure title="Cut out a part of it" isOpen={cutOut !== all}>
      <div className="columns">
        <StretchField
          label="Across"
          from={left}
          to={right}
          marks={across}
          onMove={(from, to) => cut({ left: from, right: to })}
        />
        <StretchField
          label="Down"
          from={top}
          to={bottom}
          marks={down}
          onMove={(from, to) => cut({ top: from, bottom: to })}
        />
      </div>
      <ActionBar>
        {figure && (
          <Button
            variant="outline"
            onClick={() => cut(withinCut(figure, cutOut, settings.isFlipped))}
          >
            To the figure
          </Button>
        )}
        {cutOut !== all && (
          <Button variant="outline" onClick={() => onCut(undefined)}>
            All of it again
          </Button>
        )}
      </ActionBar>
    </Disclosure>
  );
}

/** Around the figure is left so much of the picture, so that its rim still tells what is behind it. */
const margin = 0.03;
const hundredth = (at: number) => Math.round(Math.min(1, Math.max(0, at)) * 100) / 100;

/** The finding in a part of a picture, as a part of the whole. */
function withinCut(
  figure: CutOut,
  { left, top, right, bottom }: CutOut,
  isFlipped: boolean,
): CutOut {
  const across = (at: number) => left + (right - left) * at;
  const down = (at: number) => top + (bottom - top) * at;
  const [from, to] = isFlipped ? [1 - figure.right, 1 - figure.left] : [figure.left, figure.right];
  return {
    left: hundredth(across(from) - margin),
    right: hundredth(across(to) + margin),
    top: hundredth(down(figure.top) - margin),
    bottom: hundredth(down(figure.bottom) + margin),
  };
}
