/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, render, screen } from '@testing-library/react';
import { Figures } from './Figures';
import { FiguresButton } from './FiguresButton';
import { figuresSetting } from './figuresSetting';

beforeEach(() => localStorage.clear());

const open = () =>
  render(
    <>
      <FiguresButton />
      <p>
        clearly different<Figures> (ΔE00 6.1)</Figures>
      </p>
    </>,
  );

test('words alone until the figures are opened, everywhere at once, and kept on the device', () => {
  open();
  expect(screen.queryByText(/ΔE00/)).toBeNull();
  const button = screen.getByRole('button', { name: 'Show numbers' });
  expect(button.getAttribute('aria-pressed')).toBe('false');
  fireEvent.click(button);
  expect(screen.getByText(/clearly different \(ΔE00 6\.1\)/)).toBeTruthy();
  expect(figuresSetting.areShown()).toBe(true);
});

test('they are closed by the same press', () => {
  figuresSetting.show(true);
  open();
  fireEvent.click(screen.getByRole('button', { name: 'Hide numbers' }));
  expect(screen.queryByText(/ΔE00/)).toBeNull();
  expect(figuresSetting.areShown()).toBe(false);
});
