import {
  hexOfHueStrengthBrightness,
  hueStrengthBrightnessOf,
  type HueStrengthBrightness,
} from '@yellow-ledger/core';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { FigureField } from '../../kit/field/FigureField';
import './colourSliders.scss';

const sliders = [
  { name: 'hue', label: 'Hue', most: 360, unit: 'degrees', scale: 1 },
  { name: 'strength', label: 'Strength', most: 1, unit: '%', scale: 100 },
  { name: 'brightness', label: 'Brightness', most: 1, unit: '%', scale: 100 },
] as const;

interface ColourSlidersProps {
  hex: string;
  onPick: (hex: string) => void;
}

/** Points at a colour: by hue, strength and brightness, each with what it would become along it. */
export function ColourSliders({ hex, onPick }: ColourSlidersProps) {
  // The hue set by hand: a grey has no hue of its own, and it must not jump.
  const [set, setSet] = useState<HueStrengthBrightness | null>(null);
  const isSet = set !== null && hexOfHueStrengthBrightness(set) === hex.toLowerCase();
  const now = isSet ? set : hueStrengthBrightnessOf(hex);
  const put = (name: keyof HueStrengthBrightness, figure: number) => {
    const next = { ...now, [name]: figure };
    setSet(next);
    onPick(hexOfHueStrengthBrightness(next));
  };
  return (
    <>
      <small className="below">From the top: hue, strength, brightness</small>
      <div className="colour-sliders">
        {sliders.map(({ name, label, most }) => (
          <Form.Range
            key={name}
            aria-label={label}
            title={label}
            min={0}
            max={most}
            step={most / 180}
            value={now[name]}
            style={{ backgroundImage: along((figure) => ({ ...now, [name]: figure }), most) }}
            onChange={({ target }) => put(name, Number(target.value))}
          />
        ))}
      </div>
      <div className="flow">
        {sliders.map(({ name, label, most, unit, scale }) => (
          <FigureField
            key={name}
            label={`${label}, ${unit}`}
            value={Math.round(now[name] * scale)}
            isRight={(figure) => figure >= 0 && figure <= most * scale}
            expected={`a number from 0 to ${most * scale}`}
            onFigure={(figure) => put(name, figure / scale)}
          />
        ))}
      </div>
    </>
  );
}

/** Colours along a slider, from its start to its end. */
function along(at: (figure: number) => HueStrengthBrightness, most: number): string {
  const stops = Array.from({ length: 13 }, (_, i) =>
    hexOfHueStrengthBrightness(at((most * i) / 12)),
  );
  return `linear-gradient(90deg, ${stops.join(', ')})`;
}
