/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { render } from '@testing-library/react';
import type { Placement } from '@yellow-ledger/core';
import { PlacementMark } from './PlacementMark';

/** The mark is 300 wide: a place on the tone axis stands at 300 times it. */
function drawn(placement: Placement, coats = 1) {
  const { container } = render(<PlacementMark {...placement} coats={coats} />);
  const of = (selector: string) =>
    [...container.querySelectorAll(selector)].map((line) => {
      const at = (name: string) => Number(line.getAttribute(name));
      return [at('x1'), at('x2'), at('y1')];
    });
  const arrow = container.querySelector('polyline')?.getAttribute('points');
  return { lines: of('line.placement-line'), fades: of('line.placement-fade'), arrow };
}
const whole: Placement = { from: 0, to: 1, softness: 0, pull: 'even' };

test('a bracket stands where the line goes on, closed at each hard end that is not the end of the surface', () => {
  const { lines, arrow } = drawn({ ...whole, from: 0.5, to: 0.8 });
  expect(lines).toEqual([
    [150, 240, 4.5],
    [150, 150, 1],
    [240, 240, 1],
  ]);
  expect(arrow).toBeUndefined();
  expect(drawn(whole).lines).toEqual([[0, 300, 4.5]]);
});

test('soft ends fade by half their softness, and not beyond the surface', () => {
  const { fades, lines } = drawn({ ...whole, from: 0.5, to: 0.95, softness: 0.2 });
  expect(fades[0]).toEqual([120, 150, 4.5]);
  expect(fades[1][1]).toBeCloseTo(300, 9);
  // No closing strokes where it fades.
  expect(lines).toHaveLength(1);
});

test('the arrow stands at the end where strokes finish, and points there', () => {
  expect(drawn({ ...whole, from: 0.5, to: 0.8, pull: 'up' }).arrow).toBe('234,1 240,4.5 234,8');
  expect(drawn({ ...whole, from: 0.5, to: 0.8, pull: 'down' }).arrow).toBe('156,1 150,4.5 156,8');
});

test('a place of nearly no width is still seen', () => {
  expect(drawn({ ...whole, from: 0.5, to: 0.5 }).lines[0]).toEqual([150, 153, 4.5]);
});

test('each smaller coat has a tick where it ends', () => {
  const shrinking = { ...whole, from: 0.4, softness: 0.1, last: { from: 0.8, to: 1 } };
  const { lines } = drawn(shrinking, 3);
  const ticks = lines.slice(1);
  expect(ticks.map(([x]) => Math.round(x))).toEqual([180, 240]);
  expect(ticks.every(([, , y]) => y === 2.5)).toBe(true);
});
