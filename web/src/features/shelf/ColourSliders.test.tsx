/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { ColourSliders } from './ColourSliders';

const picked: string[] = [];

function Open({ from }: { from: string }) {
  const [hex, setHex] = useState(from);
  return (
    <ColourSliders
      hex={hex}
      onPick={(next) => {
        picked.push(next);
        setHex(next);
      }}
    />
  );
}

const slider = (name: string) => screen.getByLabelText<HTMLInputElement>(name);
const slide = (name: string, to: number) =>
  fireEvent.input(slider(name), { target: { value: String(to) } });

beforeEach(() => picked.splice(0));

test('each slider moves its own side of the colour', () => {
  render(<Open from="#ff0000" />);
  slide('Hue', 120);
  expect(picked.at(-1)).toBe('#00ff00');
  slide('Brightness', 0.5);
  expect(picked.at(-1)).toMatch(/^#00[78][0-9a-f]00$/);
});

test('the hue stays where the hand left it when strength goes to nothing and comes back', () => {
  render(<Open from="#2060c0" />);
  const hue = Number(slider('Hue').value);
  slide('Strength', 0);
  expect(picked.at(-1)).toMatch(/^#(..)\1\1$/);
  expect(Number(slider('Hue').value)).toBeCloseTo(hue, 3);
  slide('Strength', 1);
  const [red, green, blue] = [1, 3, 5].map((at) => parseInt(picked.at(-1)!.slice(at, at + 2), 16));
  expect(blue).toBeGreaterThan(green);
  expect(green).toBeGreaterThan(red);
});

test('a colour set from outside is followed', () => {
  const { rerender } = render(<ColourSliders hex="#ff0000" onPick={() => undefined} />);
  rerender(<ColourSliders hex="#0000ff" onPick={() => undefined} />);
  expect(Number(slider('Hue').value)).toBeCloseTo(240, 0);
});
